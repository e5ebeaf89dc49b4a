import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, failure, outcome, value, type LearnedHabit } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { useWords } from '../../units/unit';
import { TakeIn } from './TakeIn';
import './notebook.css';
import './learned.css';

const ReadingChart = lazy(() => import('./ReadingChart'));

/** What each kind of reading is good for. */
const KINDS: Record<LearnedHabit['kind'], string> = {
  BULK: 'A sheet as the finished block measures at the fore edge, leaves divided.',
  SPRING: 'What the spine is thicker than the fore edge, less the thread as planned, for each hundred of thickness.',
  SINK: 'What thread adds to the stack at the folds, measured before and after sewing, for each hundred of its thickness.',
  SLACK: 'Thread that was used beyond the straight way through the holes, tails apart.',
  PACE: 'How long a hundred planned minutes of a step came to.',
};

/** What finished books teach: readings of each habit along a line, with their middle, their range, and what is usual. */
export default function Learned() {
  const client = useQueryClient();
  const [said, setSaid] = useState<string | null>(null);
  const learned = useQuery({
    queryKey: ['learned'],
    queryFn: () => value(api.GET('/api/learned')),
    placeholderData: (before) => before,
  });
  useEffect(() => {
    document.title = 'What it taught · Itomichi';
  }, []);
  const leaveOut = async (book: string, habit: string, out: boolean) => {
    const result = await outcome(api.PUT('/api/learned/out', { body: { book, habit, out } }));
    setSaid(result.kind === 'value' ? null : failure(result));
    await client.invalidateQueries({ queryKey: ['learned'] });
  };
  const { data } = learned;
  return (
    <main id="place" className="drawers">
      <div className="drawers-top">
        <Link to="/notebook" className="book-back">
          Notebook
        </Link>
        <h1>What it taught</h1>
      </div>
      {learned.isError && <ErrorNote message={learned.error.message} again={() => void learned.refetch()} />}
      {learned.isPending && !learned.isError && <Waiting what="Reading the notebook" />}
      {data && (
        <div className="learned">
          <p role="status" className="page-said">
            {said}
          </p>
          <p className="learned-told">
            {data.books === 0
              ? 'No book stands on the shelf yet. Finish one, and measure it at its last stage: from three books on their readings teach.'
              : `Read from ${data.books === 1 ? 'one finished book' : `${data.books} finished books`}. The middle is the median; the range holds what eight of ten of the next will come to. A book is planned by what is usual until you take a reading into it.`}
          </p>
          {data.habits.map((habit) => (
            <Habit key={habit.key} habit={habit} leaveOut={(book, out) => void leaveOut(book, habit.key, out)} />
          ))}
        </div>
      )}
    </main>
  );
}

interface Props {
  habit: LearnedHabit;
  leaveOut: (book: string, out: boolean) => void;
}

function Habit({ habit, leaveOut }: Props) {
  const words = useWords();
  const [taking, setTaking] = useState(false);
  const { lesson, readings } = habit;
  const far = readings.filter((one) => one.farOff && !one.out);
  const lacking = 3 - readings.filter((one) => !one.out).length;
  return (
    <section className="learned-habit" aria-label={`${habit.kindWords}: ${habit.name}`}>
      <h2>
        {habit.kindWords}: {habit.name}
      </h2>
      <p>
        {lesson ? (
          <>
            <strong className="number">{words(lesson.median.words)}</strong>, from {words(lesson.low.words)} to{' '}
            {words(lesson.high.words)}, by {lesson.count} books; {words(habit.usual.words)} is usual.
          </>
        ) : (
          <>
            {words(habit.usual.words)} is usual.{' '}
            {lacking === 1 ? 'One reading more, and it teaches.' : `${lacking} readings more, and they teach.`}
          </>
        )}{' '}
        <span className="page-none">{KINDS[habit.kind]}</span>
      </p>
      {lesson && (
        <Button
          size="small"
          className="learned-take"
          aria-expanded={taking}
          aria-label={`Plan books in work by it: ${habit.name}`}
          onClick={() => setTaking(!taking)}
        >
          Plan books in work by it …
        </Button>
      )}
      {lesson && taking && <TakeIn habit={habit} />}
      {far.length > 0 && (
        <p className="learned-far">
          Far off: {far.map((one) => one.name).join('; ')}. A point may have slipped; leave it out if so.
        </p>
      )}
      <div className="learned-drawn">
        <Suspense fallback={<Waiting what="Drawing the readings" />}>
          <ReadingChart habit={habit} />
        </Suspense>
        <div className="learned-list">
          <table>
            <thead>
              <tr>
                <th scope="col">Finished</th>
                <th scope="col">Book</th>
                <th scope="col">Reading</th>
                <th scope="col">
                  <span className="visually-hidden">Whether it counts</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {readings.map((one) => (
                <tr key={one.book} className={one.out ? 'learned-out' : undefined}>
                  <td>{one.dayWords}</td>
                  <th scope="row">
                    <Link to={`/notebook/${one.book}`}>{one.name}</Link>
                  </th>
                  <td className="number">{words(one.value.words)}</td>
                  <td>
                    <Button
                      size="small"
                      aria-label={`${one.out ? 'Take in again' : 'Leave out'}: ${one.name}`}
                      onClick={() => leaveOut(one.book, !one.out)}
                    >
                      {one.out ? 'Take in again' : 'Leave out'}
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </div>
    </section>
  );
}
