import { useRef } from 'react';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';

type Props = {
  /** Where the list is, without its `.csv`. */ path: string;
  mayEdit: boolean;
  onFile: (file: File) => void;
};

/** A list of the company as a file: out, its empty template, and in. */
export function Papers({ path, mayEdit, onFile }: Props) {
  const file = useRef<HTMLInputElement>(null);
  const download = 'touch inline-flex items-center px-2 text-[14px] text-copper underline underline-offset-4';
  return (
    <span className="ml-auto flex flex-wrap items-center">
      <a className={download} href={`/api${path}.csv`}>
        {t('web.export-csv')}
      </a>
      <a className={download} href={`/api${path}-template.csv`}>
        {t('web.template')}
      </a>
      {mayEdit ? (
        <>
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            hidden
            data-testid="csv-file"
            onChange={(e) => {
              const [chosen] = e.target.files ?? [];
              e.target.value = '';
              if (chosen) onFile(chosen);
            }}
          />
          <Button className="ml-2" onClick={() => file.current?.click()}>
            {t('web.import-csv')}
          </Button>
        </>
      ) : null}
    </span>
  );
}
