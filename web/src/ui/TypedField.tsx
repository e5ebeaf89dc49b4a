import { Input } from 'antd';
import { useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { leaveReadingPlace, offerReadingPlace } from './readingPlace';

/** What came of taking what was typed: nothing to say, one line about what is wanted, or the sum it was typed as. */
export type Taken = string | null | { sum: string };

interface Props {
  label: string;
  /** The label is read out only: what the field is for is seen beside it. */
  labelUnseen?: boolean;
  shown: string;
  take: (typed: string) => Promise<Taken>;
  /** A refusal that came later, from the server. */
  refusal?: string | null | undefined;
  help?: ReactNode;
  multiline?: boolean;
  /** Whether a measuring instrument may put its reading here. */
  measured?: boolean;
  maxLength?: number;
  /** Said in an empty field. */
  empty?: string;
  disabled?: boolean;
}

/** A field that is taken on Enter or on leaving it, says in one line what is wrong, and keeps what was typed until it is right. */
export function TypedField({
  label,
  labelUnseen,
  shown,
  take,
  refusal,
  help,
  multiline,
  measured,
  maxLength,
  empty,
  disabled,
}: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [sum, setSum] = useState<{ written: string; comesTo: string | null } | null>(null);
  const taking = useRef(false);
  const focused = useRef(false);
  const line = wrong ?? refusal ?? null;

  // A new value from outside (undo, a mend, another unit) replaces what was left in the field, but not what is being typed just now.
  useEffect(() => {
    if (!focused.current) {
      setTyped(null);
    }
    setWrong(null);
    // the sum stays beside what it came to, and goes with it
    setSum((was) =>
      was === null || (was.comesTo !== null && was.comesTo !== shown) ? null : { ...was, comesTo: shown },
    );
  }, [shown]);

  const commit = async (text = typed) => {
    if (text === null || taking.current) {
      return;
    }
    if (text === shown) {
      setTyped(null);
      setWrong(null);
      return;
    }
    taking.current = true;
    const said = await take(text);
    taking.current = false;
    setWrong(typeof said === 'string' ? said : null);
    if (typeof said !== 'string') {
      setSum(said === null ? null : { written: said.sum, comesTo: null });
      setTyped(null);
    }
  };

  const put = (text: string) => {
    setTyped(text);
    void commit(text);
  };
  // A field that is gone takes no reading any more.
  useEffect(() => () => leaveReadingPlace(id), [id]);

  const common = {
    id,
    value: typed ?? shown,
    disabled: disabled ?? false,
    maxLength,
    placeholder: empty ?? '',
    status: line ? ('error' as const) : ('' as const),
    'aria-invalid': line !== null,
    'aria-describedby': line ? `${id}-line` : undefined,
    onBlur: () => {
      focused.current = false;
      void commit();
    },
  };
  const escape = (event: React.KeyboardEvent) => {
    if (event.key === 'Escape' && typed !== null) {
      event.stopPropagation();
      setTyped(null);
      setWrong(null);
    }
  };
  return (
    <div className="field">
      <label htmlFor={id} className={labelUnseen ? 'visually-hidden' : undefined}>
        {label}
      </label>
      {multiline ? (
        <Input.TextArea
          {...common}
          autoSize={{ minRows: 3, maxRows: 8 }}
          onFocus={() => {
            focused.current = true;
          }}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={escape}
        />
      ) : (
        <Input
          {...common}
          onChange={(e) => setTyped(e.target.value)}
          onPressEnter={() => void commit()}
          onKeyDown={escape}
          onFocus={(e) => {
            focused.current = true;
            e.target.select();
            if (measured) {
              offerReadingPlace({ id, label, put });
            }
          }}
        />
      )}
      {line ? (
        <p className="field-line" id={`${id}-line`} role="alert">
          {line}
        </p>
      ) : (
        <>
          {sum && (
            <p className="field-help" role="status">
              {sum.written} = {shown}
            </p>
          )}
          {help && <p className="field-help">{help}</p>}
        </>
      )}
    </div>
  );
}
