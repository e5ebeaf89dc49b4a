import { Button } from 'antd';
import { useRef } from 'react';

interface Props {
  /** Said on the press. */
  words: string;
  /** What the file is, for those who do not see the press. */
  name: string;
  accept: string;
  read: (file: File) => void;
}

/** A press that asks for a file; the same file can be chosen again. */
export function FilePress({ words, name, accept, read }: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={file}
        type="file"
        accept={accept}
        aria-label={name}
        className="visually-hidden"
        tabIndex={-1}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) {
            read(chosen);
          }
        }}
      />
      <Button onClick={() => file.current?.click()}>{words}</Button>
    </>
  );
}
