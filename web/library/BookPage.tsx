import { KeptPicture } from '@/web/kit/KeptPicture';
import { tell } from '@/web/words/tell';

const WORDS = {
  of: tell('web.page-of-makers-book'),
  put: tell('web.keep-a-picture-of-the-page'),
  another: tell('web.another-picture-of-the-page'),
  off: tell('web.take-page-off'),
};

/** The page that a model's figures were read from, beside them. */
export const BookPage = ({ itemId, onChanged }: { itemId: string; onChanged: () => Promise<void> }) => (
  <KeptPicture
    path={`/library/items/${itemId}/page`}
    words={WORDS}
    mayChange
    testId="book-page"
    className="max-h-28 max-w-[160px] border-[1.5px] border-rule"
    onChanged={onChanged}
  />
);
