import { useState } from 'react';
import useSWR from 'swr';
import { type Certification, certificationCovers } from '@/core/job/gates';
import { get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { t } from '@/web/words/tell';

type Person = { id: string; fullName: string; certification: Certification };

const KEPT = 'mb-certified';
/** Who was named last on this device and still answers: it goes with every movement of refrigerant. */
export const namedCertified = (): { certifiedId?: string } => {
  const certifiedId = sessionStorage.getItem(KEPT);
  return certifiedId ? { certifiedId } : {};
};

/** Asked only of somebody without a certificate: who answers for the refrigerant that is moved. */
export function CertifiedBy() {
  const [value, setValue] = useState(() => namedCertified().certifiedId ?? '');
  const { me } = useMe();
  const asked = me !== undefined && !certificationCovers(me.certification);
  const { data } = useSWR<{ people: Person[] }>(asked ? '/people' : null, get);
  if (!asked) return null;
  return (
    <label className="block">
      <span className="block text-[13px] font-[600]">{t('web.certified-person-who-answers')}</span>
      <select
        name="certifiedId"
        value={value}
        onChange={(e) => {
          setValue(e.target.value);
          sessionStorage.setItem(KEPT, e.target.value);
        }}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2 text-[17px] font-[600]"
      >
        <option value="">{t('web.name-one')}</option>
        {(data?.people ?? [])
          .filter((p) => certificationCovers(p.certification))
          .map((p) => (
            <option key={p.id} value={p.id}>
              {p.fullName}
            </option>
          ))}
      </select>
    </label>
  );
}
