import { Sheet } from '@/web/kit/Sheet';

const LIST: [string, string][] = [
  ['g j', 'Jobs'],
  ['g v', 'Survey'],
  ['g o', 'Scope'],
  ['g t', 'Fit sheets'],
  ['g e', 'Equipment'],
  ['g r', 'Recover'],
  ['g n', 'Join'],
  ['g p', 'Pressure test'],
  ['g u', 'Evacuate'],
  ['g y', 'Cylinders'],
  ['g c', 'Charge'],
  ['g s', 'Start-up'],
  ['g h', 'Hand-over'],
  ['g l', 'Equipment library'],
  ['g f', 'Formulas and sources'],
  ['n', 'Do the next move'],
  ['r', 'Record a reading'],
  ['w', 'Show the working'],
  ['?', 'This list'],
];

export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} onClose={onClose} title="Keys">
      <dl className="mt-2 grid grid-cols-[80px_1fr] gap-y-2">
        {LIST.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-[700]">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-[13px] text-ink2">Off while you type.</p>
    </Sheet>
  );
}
