import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { api, failure, outcome, type InkView, type KeptView } from '../../api/client';
import { InkChoice } from '../../ui/InkChoice';
import { useUnit, useWords } from '../../units/unit';
import { TemplateDrawing } from './TemplateDrawing';

interface Props {
  kept: KeptView;
  inks: InkView[];
  scale: number;
  onCard: boolean;
  putOnCard: (on: boolean) => void;
  say: (line: string) => void;
}

/** A kept template: what is on it, what it fits, what is written on it. */
export function KeptRow({ kept, inks, scale, onCard, putOnCard, say }: Props) {
  const words = useWords();
  const { unit } = useUnit();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [writing, setWriting] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const params = { params: { path: { id: kept.id } } };
  const begin = async () => {
    const result = await outcome(api.POST('/api/templates/{id}/book', { ...params, body: { unit } }));
    if (result.kind === 'value') {
      await navigate(`/books/${result.value.id}/stations`);
    } else {
      say(failure(result));
    }
  };
  const remove = async () => {
    const result = await outcome(api.DELETE('/api/templates/{id}', params));
    say(result.kind === 'value' ? `“${kept.name}” is thrown away.` : failure(result));
    await client.invalidateQueries({ queryKey: ['templates'] });
  };
  return (
    <li className="kept">
      <TemplateDrawing kept={kept} scale={scale} />
      <div className="kept-words">
        <h2>{kept.name}</h2>
        <p>
          {kept.structure}: {words(kept.size)}
        </p>
        {kept.notes && <p className="field-help">{kept.notes}</p>}
        <p className="field-help">
          <span className="ink-dot" style={{ background: kept.colour }} aria-hidden="true" />
          {inks.find((one) => one.ink === kept.ink)?.words} on a shared card; kept on {kept.keptOn}
        </p>
        <Checkbox checked={onCard} onChange={(event) => putOnCard(event.target.checked)}>
          On the shared card
        </Checkbox>
        {writing ? (
          <Label kept={kept} inks={inks} done={() => setWriting(false)} />
        ) : leaving ? (
          <p className="acts">
            <span>It cannot be had back.</span>
            <Button size="small" danger onClick={() => void remove()}>
              Throw it away
            </Button>
            <Button size="small" onClick={() => setLeaving(false)}>
              Leave it
            </Button>
          </p>
        ) : (
          <p className="acts">
            <Button size="small" onClick={() => void begin()}>
              Begin a book with it
            </Button>
            <Button size="small" onClick={() => setWriting(true)}>
              Change its label
            </Button>
            <Button size="small" onClick={() => setLeaving(true)}>
              Throw away
            </Button>
          </p>
        )}
      </div>
    </li>
  );
}

function Label({ kept, inks, done }: { kept: KeptView; inks: InkView[]; done: () => void }) {
  const client = useQueryClient();
  const [name, setName] = useState(kept.name);
  const [notes, setNotes] = useState(kept.notes);
  const [ink, setInk] = useState(kept.ink);
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const result = await outcome(
      api.PUT('/api/templates/{id}', {
        params: { path: { id: kept.id } },
        body: { version: kept.version, name, notes, ink },
      }),
    );
    if (result.kind === 'value') {
      await client.invalidateQueries({ queryKey: ['templates'] });
      done();
    } else {
      setWrong(failure(result));
    }
  };
  return (
    <form className="keep-form" onSubmit={(event) => void keep(event)}>
      <div className="field">
        <label htmlFor={`name-${kept.id}`}>Name</label>
        <Input
          id={`name-${kept.id}`}
          value={name}
          maxLength={80}
          status={wrong ? 'error' : ''}
          onChange={(event) => setName(event.target.value)}
        />
        {wrong && (
          <p className="field-line" role="alert">
            {wrong}
          </p>
        )}
      </div>
      <div className="field">
        <label htmlFor={`notes-${kept.id}`}>Notes</label>
        <Input
          id={`notes-${kept.id}`}
          value={notes}
          maxLength={400}
          onChange={(event) => setNotes(event.target.value)}
        />
      </div>
      <InkChoice inks={inks} ink={ink} choose={setInk} />
      <p className="acts">
        <Button type="primary" size="small" htmlType="submit">
          Write it so
        </Button>
        <Button size="small" onClick={done}>
          Leave it
        </Button>
      </p>
    </form>
  );
}
