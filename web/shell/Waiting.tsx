export function Waiting() {
  return <p className="p-8 text-ink2">Opening …</p>;
}
