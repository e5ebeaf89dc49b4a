import { Button, Input } from 'antd';
import { useId, useState } from 'react';
import { api, failure, outcome, type OwnPattern } from '../../api/client';

/**
 * The pattern as text: to copy and share, or to be read from what another binder wrote. What is typed stays until it is read, whatever comes
 * from the drawing meanwhile.
 */
export function PatternWritten({ text, read }: { text: string; read: (pattern: OwnPattern) => void }) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const take = async () => {
    const result = await outcome(api.POST('/api/patterns/read', { body: { text: typed ?? text } }));
    if (result.kind === 'value') {
      setWrong(null);
      setTyped(null);
      read(result.value);
    } else {
      setWrong(failure(result));
    }
  };
  return (
    <div className="field">
      <label htmlFor={id}>Written, to share or to read in; a path such as +2 −1 +3 −2 is read too</label>
      <Input.TextArea
        id={id}
        className="pattern-text"
        value={typed ?? text}
        autoSize={{ minRows: 5, maxRows: 12 }}
        status={wrong ? 'error' : ''}
        aria-invalid={wrong !== null}
        onChange={(event) => setTyped(event.target.value === text ? null : event.target.value)}
      />
      {wrong && (
        <p className="field-line" role="alert">
          {wrong}
        </p>
      )}
      <div className="pattern-acts">
        <Button size="small" disabled={typed === null} onClick={() => void take()}>
          Read it
        </Button>
        <Button size="small" onClick={() => void navigator.clipboard?.writeText(typed ?? text)}>
          Copy it
        </Button>
      </div>
    </div>
  );
}
