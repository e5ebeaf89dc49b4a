import type { ReactNode } from 'react';
import { api, failure, outcome, type BookDocument, type Outcome } from '../../api/client';
import { readLength } from '../../api/reading';
import { useSession } from '../../state/useSession';
import { TypedField } from '../../ui/TypedField';
import { useUnit, useWords, type Both, type UnitKey } from '../../units/unit';

type Edit<T> = (document: BookDocument, value: T) => BookDocument;

interface Common<T> {
  label: string;
  field: string;
  edit: Edit<T>;
  help?: ReactNode;
}

function useRefusal(field: string): string | null {
  const { state } = useSession();
  return state.refusal?.field === field ? state.refusal.message : null;
}

/** Takes what was typed once the server has read it; what cannot be read stays in the field with one line. */
function useTake(
  label: string,
  read: (text: string, unit: UnitKey) => Promise<Outcome<{ value: number; sum?: string | undefined }>>,
  edit: Edit<number>,
) {
  const { session } = useSession();
  const { unit } = useUnit();
  return async (text: string) => {
    const result = await read(text, unit);
    switch (result.kind) {
      case 'value':
        session.change(label.toLowerCase(), (document) => edit(document, result.value.value));
        return result.value.sum === undefined ? null : { sum: result.value.sum };
      case 'refused':
        return result.problem.message;
      case 'lost':
        return `${result.message} What was typed stays here.`;
      case 'failed':
      case 'conflict':
        return failure(result);
    }
  };
}

function mapped<T, R>(result: Outcome<T>, made: (value: T) => R): Outcome<R> {
  return result.kind === 'value' ? { kind: 'value', value: made(result.value) } : result;
}

const lengthRead = async (text: string, unit: UnitKey) =>
  mapped(await readLength(text, unit), (read) => ({ value: read.mm, sum: read.sum }));

const readWeight = async (text: string, unit: UnitKey) =>
  mapped(await outcome(api.POST('/api/reading/weight', { body: { text, unit } })), (read) => ({ value: read.gsm }));

interface LengthProps extends Common<number> {
  /** What the length reads as, where it is not one of the plan's measures. */
  shown?: Both;
}

/** A length of the book, read by the server in the screen's unit. */
export function LengthField({ label, field, edit, help, shown }: LengthProps) {
  const { state } = useSession();
  const words = useWords();
  const refusal = useRefusal(field);
  const measure = shown ?? state.plan.measures[field];
  const take = useTake(label, lengthRead, edit);
  return (
    <TypedField
      label={label}
      shown={measure ? words(measure) : ''}
      take={take}
      refusal={refusal}
      help={help}
      measured
    />
  );
}

/** A paper's weight, in either system. */
export function WeightField({ label, field, edit, help, shown }: WeightProps) {
  const { state } = useSession();
  const refusal = useRefusal(field);
  const take = useTake(label, readWeight, edit);
  return <TypedField label={label} shown={shown ?? state.plan.grammage} take={take} refusal={refusal} help={help} />;
}

interface WeightProps extends Common<number> {
  /** What the weight reads as, where it is not the first paper's. */
  shown?: string;
}

interface CountProps extends Common<number> {
  value: number;
  /** Said behind the number. */
  what: string;
  decimals?: boolean;
}

/** A count, or a number without a unit. */
export function CountField({ label, field, edit, help, value, what, decimals }: CountProps) {
  const { session } = useSession();
  const refusal = useRefusal(field);
  const take = (text: string) => {
    const typed = text.trim().replace(',', '.');
    const pattern = decimals ? /^\d{1,6}(\.\d{1,3})?$/ : /^\d{1,6}$/;
    if (!pattern.test(typed)) {
      return Promise.resolve(
        `${text.trim() ? `Read “${text.trim().slice(0, 40)}”` : 'Nothing was typed'}; a ${decimals ? '' : 'whole '}number of ${what} is wanted.`,
      );
    }
    session.change(label.toLowerCase(), (document) => edit(document, Number(typed)));
    return Promise.resolve(null);
  };
  return <TypedField label={label} shown={String(value)} take={take} refusal={refusal} help={help} />;
}

interface MaybeCountProps extends Common<number | undefined> {
  /** Said where nothing is. */
  empty?: string;
  value: number | undefined;
  what: string;
  decimals?: boolean;
}

/** A count that may be left empty. */
export function MaybeCountField({ label, field, edit, help, value, what, decimals, empty }: MaybeCountProps) {
  const { session } = useSession();
  const refusal = useRefusal(field);
  const take = (text: string) => {
    const typed = text.trim().replace(',', '.');
    const pattern = decimals ? /^\d{1,7}(\.\d{1,4})?$/ : /^\d{1,7}$/;
    if (typed !== '' && !pattern.test(typed)) {
      return Promise.resolve(
        `Read “${text.trim().slice(0, 40)}”; a ${decimals ? '' : 'whole '}number of ${what} is wanted, or nothing.`,
      );
    }
    session.change(label.toLowerCase(), (document) => edit(document, typed === '' ? undefined : Number(typed)));
    return Promise.resolve(null);
  };
  return (
    <TypedField
      label={label}
      shown={value === undefined ? '' : String(value)}
      take={take}
      refusal={refusal}
      help={help}
      empty={empty ?? 'any'}
    />
  );
}

interface TextProps extends Common<string> {
  value: string;
  maxLength: number;
  multiline?: boolean;
}

/** Words about the book. */
export function TextField({ label, field, edit, help, value, maxLength, multiline }: TextProps) {
  const { session } = useSession();
  const refusal = useRefusal(field);
  const take = (text: string) => {
    session.change(label.toLowerCase(), (document) => edit(document, text));
    return Promise.resolve(null);
  };
  return (
    <TypedField
      label={label}
      shown={value}
      take={take}
      refusal={refusal}
      help={help}
      maxLength={maxLength}
      multiline={multiline ?? false}
    />
  );
}
