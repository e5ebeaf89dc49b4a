import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, failure, outcome, value, type CaliperView } from '../../api/client';
import { called, keyName } from '../../ui/keys';
import { useReadingPlace } from '../../ui/readingPlace';
import { useWords } from '../../units/unit';
import { CALIPER_KEYS } from './keys';
import './caliper.css';

type Stuff = CaliperView['jaws']['stuff'];

/** The caliper at the bench: what lies between its jaws, and a press that puts its reading into the field in focus. */
export function Caliper({ close }: { close: () => void }) {
  const client = useQueryClient();
  const caliper = useQuery({ queryKey: ['caliper'], queryFn: () => value(api.GET('/api/caliper')) });
  const place = useReadingPlace();
  const words = useWords();
  const [said, setSaid] = useState<string | null>(null);
  const [number, setNumber] = useState<string | null>(null);

  const laying = useRef(Promise.resolve());

  const lay = (stuff: Stuff, howMany: number) => {
    laying.current = laying.current.then(() => laid(stuff, howMany));
    return laying.current;
  };
  const laid = async (stuff: Stuff, howMany: number) => {
    const result = await outcome(api.PUT('/api/caliper/jaws', { body: { stuff, number: howMany } }));
    if (result.kind === 'value') {
      await client.cancelQueries({ queryKey: ['caliper'] });
      client.setQueryData(['caliper'], result.value);
      setSaid(null);
    } else {
      setSaid(failure(result));
    }
  };
  const read = useCallback(async () => {
    // what is being laid between the jaws lies there before they are read
    await laying.current;
    const result = await outcome(api.POST('/api/caliper/reading'));
    if (result.kind !== 'value') {
      setSaid(failure(result));
      return;
    }
    const text = words(result.value.shown);
    place?.put(text);
    setSaid(place ? `${text} into “${place.label}”` : `${text}; put the cursor into a length first to have it there`);
  }, [place, words]);
  // A function key works while the cursor is in the field that takes the reading.
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (called(CALIPER_KEYS, keyName(event))) {
        event.preventDefault();
        void read();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [read]);

  const jaws = caliper.data?.jaws;
  const typed = number ?? String(jaws?.number ?? '');
  const keepNumber = () => {
    if (!jaws || number === null) {
      return;
    }
    if (/^\d{1,6}$/.test(number.trim())) {
      void lay(jaws.stuff, Number(number.trim())).then(() => setNumber(null));
    } else {
      setSaid(`Read “${number.trim().slice(0, 20)}”; a whole number is wanted.`);
    }
  };
  return (
    <aside className="caliper" aria-label="Caliper">
      <div className="caliper-jaws">
        <span className="caliper-name">{caliper.data?.name ?? 'Caliper'}</span>
        <label>
          Between the jaws
          <Input
            className="caliper-number"
            aria-label="How many lie between the jaws"
            value={typed}
            onChange={(event) => setNumber(event.target.value)}
            onBlur={keepNumber}
            onPressEnter={keepNumber}
          />
        </label>
        <Select
          aria-label="What lies between the jaws"
          value={jaws?.stuff}
          options={caliper.data?.stuffs.map((one) => ({ value: one.key, label: one.words })) ?? []}
          onChange={(stuff) => void lay(stuff, jaws?.number ?? 20)}
          popupMatchSelectWidth={false}
        />
      </div>
      <div className="caliper-read">
        {/* Pressing it must not take the focus from the field that the reading is for. */}
        <Button type="primary" onMouseDown={(event) => event.preventDefault()} onClick={() => void read()}>
          Read (F8)
        </Button>
        <p role="status">
          {said ?? (place ? `Reads into “${place.label}”.` : 'Put the cursor into a length, then read.')}
        </p>
        <Button size="small" type="text" onClick={close}>
          Put it away
        </Button>
      </div>
    </aside>
  );
}
