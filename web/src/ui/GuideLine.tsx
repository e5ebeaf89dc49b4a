import { Button } from 'antd';

interface Props {
  /** What is to be done now, with its figures; nothing where that is done. */
  next?: string | undefined;
  words: string;
  /** The press that leads on. */
  press?: string | undefined;
  putAway: () => void;
}

/** A line for whoever sews for the first time, where the work is; one press puts all such lines away for ever. */
export function GuideLine({ next, words, press, putAway }: Props) {
  return (
    <aside className="guide" aria-label="Shown the way">
      <p>
        {next && <b>{next}. </b>}
        {words}
        {press && ` Then press “${press}”.`}
      </p>
      <Button type="text" size="small" onClick={putAway}>
        Put these lines away
      </Button>
    </aside>
  );
}
