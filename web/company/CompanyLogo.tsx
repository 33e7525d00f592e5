import { KeptPicture } from '@/web/kit/KeptPicture';
import { tell } from '@/web/words/tell';

const WORDS = {
  of: tell('web.logo'),
  put: tell('web.logo-for-reports'),
  another: tell('web.another-logo'),
  off: tell('web.take-logo-off'),
};

/** The picture at the head of the company's papers. */
export const CompanyLogo = ({ mayChange }: { mayChange: boolean }) => (
  <KeptPicture
    path="/company/logo"
    words={WORDS}
    mayChange={mayChange}
    testId="company-logo"
    className="max-h-14 max-w-[220px]"
  />
);
