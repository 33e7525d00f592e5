import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
export function Waiting() {
  return <p className="p-8 text-ink2">{say(tell('web.opening'))}</p>;
}
