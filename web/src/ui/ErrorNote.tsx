import { Button } from 'antd';

/** Something that could not be had, with the one thing to do about it. */
export function ErrorNote({ message, again }: { message: string; again?: () => void }) {
  return (
    <div className="told" role="alert">
      <p>{message}</p>
      {again && <Button onClick={again}>Try again</Button>}
    </div>
  );
}

/** While something is on its way; says nothing unless it takes long. */
export function Waiting({ what }: { what: string }) {
  return (
    <p className="waiting" role="status">
      {what}
    </p>
  );
}
