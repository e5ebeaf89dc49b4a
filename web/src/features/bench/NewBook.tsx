import { Link } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import { Button, Input, Modal } from 'antd';
import { useState, type FormEvent } from 'react';
import { api, failure, outcome, value, type BookDocument } from '../../api/client';
import { useCatalogue } from '../../api/catalogue';
import { useThings } from '../../api/drawers';
import { SelectField } from '../../ui/choices';
import { useUnit } from '../../units/unit';
import { HowBound, isMoreThanOneFold } from './HowBound';

interface Props {
  close: () => void;
  begun: (id: string) => void;
}

type By = BookDocument['extent']['by'];

const COUNTED: Record<By, string> = { PAGES: 'Pages', LEAVES: 'Leaves', SHEETS: 'Sheets' };

type Wrong = { at: 'name' | 'pages' | 'size' | 'weight' | ''; line: string } | null;

/** Begins a book from what a binder says first: how many pages, how large, on what paper. Everything can be changed after. */
export default function NewBook({ close, begun }: Props) {
  const { unit } = useUnit();
  const start = useQuery({
    queryKey: ['start', unit],
    queryFn: () => value(api.GET('/api/books/new', { params: { query: { unit } } })),
  });
  const sizes = useCatalogue()?.sizes ?? [];
  const [name, setName] = useState('');
  const [pages, setPages] = useState('32');
  const [size, setSize] = useState<string | null>(null);
  const [weight, setWeight] = useState('120 gsm');
  const [by, setBy] = useState<By>('PAGES');
  const [from, setFrom] = useState('');
  const papers = useThings('PAPERS')?.things ?? [];
  const taken = papers.find((thing) => thing.id === from)?.paper;
  const [wrong, setWrong] = useState<Wrong>(null);
  const [sending, setSending] = useState(false);
  const [asked, setAsked] = useState<BookDocument | null>(null);
  const chosen = size ?? (unit === 'MM' ? 'A5' : 'Half letter');

  const keep = async (document: BookDocument) => {
    setSending(true);
    const made = await outcome(api.POST('/api/books', { body: document }));
    setSending(false);
    if (made.kind === 'value') {
      begun(made.value.id);
    } else if (made.kind === 'refused') {
      const field = made.problem.field ?? '';
      setWrong({
        at: field.startsWith('extent')
          ? 'pages'
          : field === 'name'
            ? 'name'
            : field.startsWith('paper')
              ? 'weight'
              : field.startsWith('leaf')
                ? 'size'
                : '',
        line: made.problem.message,
      });
    } else {
      setWrong({
        at: '',
        line:
          made.kind === 'lost' ? `${made.message} What is typed here stays; begin again when it does.` : failure(made),
      });
    }
  };

  const begin = async (event: FormEvent) => {
    event.preventDefault();
    if (sending) {
      return;
    }
    if (!/^\d{1,6}$/.test(pages.trim())) {
      setWrong({
        at: 'pages',
        line: pages.trim()
          ? `Read “${pages.trim()}”; a whole number of ${COUNTED[by].toLowerCase()} is wanted.`
          : `A number of ${COUNTED[by].toLowerCase()} is wanted.`,
      });
      return;
    }
    setSending(true);
    // who types faster than the first answer comes waits for it, and presses once
    const plain = start.data ?? (await start.refetch({ cancelRefetch: false })).data;
    if (!plain) {
      setWrong({
        at: '',
        line: `${start.error?.message ?? 'The application does not answer.'} What is typed here stays; begin again when it does.`,
      });
      setSending(false);
      return;
    }
    const read = await outcome(api.POST('/api/reading/weight', { body: { text: weight, unit } }));
    if (read.kind !== 'value') {
      setWrong({
        at: 'weight',
        line: failure(read),
      });
      setSending(false);
      return;
    }
    const leaf = sizes.find((one) => one.name === chosen);
    const document: BookDocument = {
      ...plain,
      name: name.trim() || plain.name,
      extent: { by, number: Number(pages.trim()) },
      leaf: { ...plain.leaf, ...(leaf ? { widthMm: leaf.widthMm, heightMm: leaf.heightMm } : {}) },
      paper: taken ?? { ...plain.paper, grammageGsm: read.value.gsm },
    };
    if (await isMoreThanOneFold(document)) {
      setSending(false);
      setWrong(null);
      setAsked(document);
      return;
    }
    await keep(document);
  };

  const line = (at: NonNullable<Wrong>['at']) =>
    wrong?.at === at ? (
      <p className="field-line" role="alert" id={`wrong-${at}`}>
        {wrong.line}
      </p>
    ) : null;
  const mark = (at: NonNullable<Wrong>['at']) =>
    wrong?.at === at ? { status: 'error' as const, 'aria-describedby': `wrong-${at}`, 'aria-invalid': true } : {};

  if (asked) {
    return (
      <Modal open title="How will it be bound?" onCancel={close} footer={null} width={560} closable={false}>
        <HowBound document={asked} bind={(document) => void keep(document)} back={() => setAsked(null)} />
        {line('')}
      </Modal>
    );
  }
  return (
    <Modal open title="Begin a book" onCancel={close} footer={null} width={460} closable={false}>
      <form onSubmit={(event) => void begin(event)} className="begin" noValidate>
        <div className="field">
          <label htmlFor="begin-name">Name</label>
          <Input
            id="begin-name"
            value={name}
            maxLength={80}
            autoFocus
            placeholder={start.data?.name ?? ''}
            onChange={(e) => setName(e.target.value)}
            {...mark('name')}
          />
          {line('name')}
        </div>
        <div className="field">
          <label htmlFor="begin-pages">{COUNTED[by]}</label>
          <Input
            id="begin-pages"
            value={pages}
            inputMode="numeric"
            onChange={(e) => setPages(e.target.value)}
            {...mark('pages')}
          />
          {line('pages')}
        </div>
        <SelectField
          label="Counted in"
          value={by}
          options={(Object.keys(COUNTED) as By[]).map((one) => ({ value: one, label: COUNTED[one].toLowerCase() }))}
          choose={setBy}
        />
        <SelectField
          label="Leaf"
          value={chosen}
          options={sizes.map((one) => ({ value: one.name, label: one.name }))}
          choose={setSize}
        />
        {line('size')}
        <SelectField
          label="Paper from the drawer"
          value={from}
          options={[
            { value: '', label: 'not from the drawer' },
            ...papers.map((thing) => ({ value: thing.id, label: thing.name })),
          ]}
          choose={setFrom}
        />
        {!taken && (
          <div className="field">
            <label htmlFor="begin-weight">Paper weight</label>
            <Input id="begin-weight" value={weight} onChange={(e) => setWeight(e.target.value)} {...mark('weight')} />
            {line('weight') ?? <p className="field-help">120 gsm, 24 lb bond, 80 lb text …</p>}
          </div>
        )}
        {line('')}
        <div className="begin-acts">
          <Link to="/templates" className="begin-kept">
            From a kept template
          </Link>
          <Button onClick={close}>Leave it</Button>
          <Button type="primary" htmlType="submit">
            Begin
          </Button>
        </div>
      </form>
    </Modal>
  );
}
