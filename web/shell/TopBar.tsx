import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { value } from '@/core/words/said';
import { forgetCopies } from '@/web/api/copies';
import { post, put, unanswered } from '@/web/api/http';
import { openOutbox } from '@/web/api/outbox/our-outbox';
import { useMe } from '@/web/api/use-me';
import { LANGUAGE_CHOICES, readerNow, say, speakFromNow } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { DevicesSheet } from './DevicesSheet';
import { currentTheme, setTheme, THEMES, type Theme } from './theme';

/** The person, the theme, the language, the devices and the way out; the same corner on every page. */
export function PersonMenu({ onBar = false }: { onBar?: boolean }) {
  const { me } = useMe();
  const { mutate } = useSWRConfig();
  const navigate = useNavigate();
  const [theme, keep] = useState<Theme>(currentTheme());
  const [devices, setDevices] = useState(false);
  if (!me) return null;
  const initials = me.fullName
    .split(' ')
    .map((w) => w[0])
    .join('');
  const row = 'touch flex w-full cursor-pointer items-center gap-2 px-4 text-left data-focus:bg-paper';
  return (
    <>
      <DevicesSheet open={devices} onClose={() => setDevices(false)} />
      <Menu>
        <MenuButton
          aria-label={t('web.menu', { fullName: me.fullName })}
          className={`w-12 cursor-pointer border-[1.5px] text-[14px] font-[700] ${onBar ? 'h-[48px] border-on-bar/60' : 'touch border-ink'}`}
        >
          {initials}
          {me.demo ? <span className="block text-[10.5px] leading-none font-[560]">{t('web.demo')}</span> : null}
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="z-50 mt-1 w-[250px] border-[1.5px] border-ink bg-sheet py-1 outline-none"
        >
          <div className="border-b border-rule px-4 py-2 text-[13px] text-ink2">
            <b className="block text-[15px] text-ink">{me.fullName}</b>
            {say(value(me.role))}, {me.companyName}
            {me.demo ? <span className="mt-1 block font-[560] text-copper">{t('web.demo-here')}</span> : null}
          </div>
          {THEMES.map((t) => (
            <MenuItem key={t.value}>
              <button
                type="button"
                className={row}
                onClick={() => {
                  setTheme(t.value);
                  keep(t.value);
                }}
              >
                <span
                  className={`inline-block size-3 border-[1.5px] border-ink ${theme === t.value ? 'bg-copper' : ''}`}
                />
                {say(t.label)}
              </button>
            </MenuItem>
          ))}
          {LANGUAGE_CHOICES.map((l, i) => (
            <MenuItem key={l.value}>
              <button
                type="button"
                lang={l.value}
                className={`${row} ${i === 0 ? 'border-t border-rule' : ''}`}
                onClick={async () => {
                  await put('/me/language', { language: l.value });
                  speakFromNow(l.value);
                }}
              >
                <span
                  className={`inline-block size-3 border-[1.5px] border-ink ${readerNow().language === l.value ? 'bg-copper' : ''}`}
                />
                {l.label}
              </button>
            </MenuItem>
          ))}
          <MenuItem>
            <button type="button" className={`${row} border-t border-rule`} onClick={() => setDevices(true)}>
              {t('web.where-i-am-signed-in')}
            </button>
          </MenuItem>
          <MenuItem>
            <button
              type="button"
              className={row}
              onClick={async () => {
                const count = (await openOutbox()).list().length;
                if (count && !window.confirm(t('web.not-yet-sent-sign-out', { count }))) return;
                await post('/sign-out');
                unanswered.forget();
                await forgetCopies();
                await mutate(() => true, undefined, { revalidate: false });
                navigate('/sign-in', { replace: true });
              }}
            >
              {t('web.sign-out')}
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
    </>
  );
}
