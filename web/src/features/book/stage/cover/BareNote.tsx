/** Said where nothing covers the block. */
export function BareNote({ then }: { then: string }) {
  return <p className="cover-bare">It is left as it is sewn: {then}.</p>;
}
