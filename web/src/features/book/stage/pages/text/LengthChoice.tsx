import { failure } from '../../../../../api/client';
import { readLength } from '../../../../../api/reading';
import { TypedField } from '../../../../../ui/TypedField';
import { useUnit, useWords } from '../../../../../units/unit';

interface LengthChoiceProps {
  label: string;
  shown: { mm: string; inch: string } | undefined;
  take: (mm: number) => Promise<string | null>;
}

/** A length, read by the server in the screen's unit. */
export function LengthChoice({ label, shown, take }: LengthChoiceProps) {
  const { unit } = useUnit();
  const words = useWords();
  return (
    <TypedField
      label={label}
      shown={shown ? words(shown) : ''}
      take={async (text) => {
        const read = await readLength(text, unit);
        return read.kind === 'value' ? take(read.value.mm) : failure(read);
      }}
    />
  );
}
