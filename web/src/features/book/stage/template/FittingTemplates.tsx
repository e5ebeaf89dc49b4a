import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { api, failure, outcome, value, type InkView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { InkChoice, useInks } from '../../../../ui/InkChoice';
import { keepTolerance, keptTolerance } from '../../../../ui/printing';
import { TypedField } from '../../../../ui/TypedField';
import { useUnit, useWords } from '../../../../units/unit';

/** Keeps this template, and lays on the book one that was kept and fits. */
export function FittingTemplates() {
  const { session, state } = useSession();
  const { id, version, document: made } = state.view;
  const { unit } = useUnit();
  const words = useWords();
  const [within, setWithin] = useState(keptTolerance);
  const fitting = useQuery({
    queryKey: ['fitting', id, version, within, unit],
    queryFn: async () => ({
      made,
      list: await value(api.GET('/api/books/{id}/fitting', { params: { path: { id }, query: { within, unit } } })),
    }),
    placeholderData: (before) => before,
  });
  return (
    <section className="fitting" aria-label="Kept templates">
      <h2>Kept templates that fit</h2>
      <TypedField
        label="Off by at most"
        shown={within}
        take={(typed) => {
          keepTolerance(typed);
          setWithin(typed);
          return Promise.resolve(null);
        }}
        refusal={fitting.isError ? fitting.error.message : null}
        measured
      />
      {fitting.data?.list.length === 0 && <p className="field-help">None that is kept has this size.</p>}
      <ul className="fitting-list">
        {fitting.data?.list.map(({ template, differences, applied }) => (
          <li key={template.id}>
            <h3>
              <span className="ink-dot" style={{ background: template.colour }} aria-hidden="true" />
              {template.name}
            </h3>
            <p>
              {template.structure}: {words(template.size)}
            </p>
            {template.notes && <p className="field-help">{template.notes}</p>}
            {differences.length === 0 ? (
              <p className="as-planned">The same as the plan.</p>
            ) : (
              <>
                <ul className="differences">
                  {differences.slice(0, 4).map((difference, i) => (
                    <li key={i}>{words(difference)}</li>
                  ))}
                  {differences.length > 4 && <li>and {differences.length - 4} more.</li>}
                </ul>
                <Button
                  size="small"
                  onClick={() =>
                    session.take(`template “${template.name}”`, { made: fitting.data.made, document: applied })
                  }
                >
                  Use it for this book
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
      <KeepThis />
      <p>
        <Link to="/templates">All kept templates</Link>
      </p>
    </section>
  );
}

function KeepThis() {
  const { state } = useSession();
  const client = useQueryClient();
  const inks = useInks();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [notes, setNotes] = useState('');
  const [ink, setInk] = useState<InkView['ink']>('BLACK');
  const [said, setSaid] = useState<{ text: string; wrong: boolean } | null>(null);
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const result = await outcome(
      api.POST('/api/books/{id}/templates', { params: { path: { id: state.view.id } }, body: { name, notes, ink } }),
    );
    if (result.kind === 'value') {
      setSaid({ text: `“${result.value.name}” is kept.`, wrong: false });
      setOpen(false);
      await client.invalidateQueries({ queryKey: ['fitting'] });
      await client.invalidateQueries({ queryKey: ['templates'] });
    } else {
      setSaid({
        text: failure(result),
        wrong: true,
      });
    }
  };
  if (!open) {
    return (
      <>
        {said && <p role="status">{said.text}</p>}
        <Button
          onClick={() => {
            setName(state.document.name);
            setOpen(true);
            setSaid(null);
          }}
        >
          Keep this template
        </Button>
      </>
    );
  }
  return (
    <form className="keep-form" onSubmit={(event) => void keep(event)}>
      <div className="field">
        <label htmlFor="keep-name">Name</label>
        <Input
          id="keep-name"
          value={name}
          maxLength={80}
          autoFocus
          status={said?.wrong ? 'error' : ''}
          onChange={(event) => setName(event.target.value)}
        />
        {said?.wrong && (
          <p className="field-line" role="alert">
            {said.text}
          </p>
        )}
      </div>
      <div className="field">
        <label htmlFor="keep-notes">Notes</label>
        <Input id="keep-notes" value={notes} maxLength={400} onChange={(event) => setNotes(event.target.value)} />
      </div>
      <InkChoice inks={inks} ink={ink} choose={setInk} />
      <p className="acts">
        <Button type="primary" htmlType="submit">
          Keep it
        </Button>
        <Button onClick={() => setOpen(false)}>Leave it</Button>
      </p>
    </form>
  );
}
