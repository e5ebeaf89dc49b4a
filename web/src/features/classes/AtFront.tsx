import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, value, type CourseView, type WayView } from '../../api/client';
import { keep, kept } from '../../browser/kept';
import { inHand } from '../../drawing/way/look';
import { WorkRoom } from '../../drawing/way/WorkRoom';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { useKeys } from '../../ui/keys';
import { useWords } from '../../units/unit';
import { backToLast, restored, through, ticked, type Front } from './front';
import { FRONT_KEYS } from './keys';
import './front.css';

/** The sewing of a class for a projector: one move, large from the back row, the next one dimmed; where the others are. */
export default function AtFront() {
  const { id = '' } = useParams();
  const course = useQuery({
    queryKey: ['class', id],
    queryFn: () => value(api.GET('/api/classes/{id}', { params: { path: { id } } })),
  });
  const way = useQuery({
    queryKey: ['class', id, 'way'],
    queryFn: () => value(api.GET('/api/classes/{id}/way', { params: { path: { id } } })),
  });
  const failed = course.error ?? way.error;
  useEffect(() => {
    document.title = `${course.data?.document.name ?? 'Class'} · at the front · Itomichi`;
  }, [course.data]);
  if (failed) {
    return (
      <main className="front-missing">
        <ErrorNote message={failed.message} again={() => void (course.error ? course : way).refetch()} />
        <Link to={`/classes/${id}`}>To the class</Link>
      </main>
    );
  }
  return course.data && way.data ? (
    <Shown key={id} course={course.data} way={way.data} />
  ) : (
    <Waiting what="Fetching the sewing" />
  );
}

function Shown({ course, way }: { course: CourseView; way: WayView }) {
  const { steps } = way;
  const name = `itomichi.front.${course.id}`;
  const [front, setFront] = useState<Front>(() => restored(kept(name), course.document.people, steps.length));
  const navigate = useNavigate();
  const words = useWords();
  const change = (next: Front) => {
    setFront(next);
    keep(name, JSON.stringify(next));
  };
  const go = (step: number) => change({ ...front, step: Math.max(0, Math.min(step, steps.length)) });
  const leave = () => void navigate(`/classes/${course.id}`);
  useKeys(FRONT_KEYS, {
    next: () => go(front.step + 1),
    back: () => go(front.step - 1),
    last: () => change(backToLast(front)),
    turn: () => change({ ...front, turned: !front.turned }),
    leave,
  });
  // a pedal must act at once, whatever had the focus before
  const place = useRef<HTMLElement>(null);
  useEffect(() => place.current?.focus(), []);
  const now = steps[front.step];
  const after = steps[front.step + 1];
  const told = (step: typeof now) => (step ? words(front.turned ? step.turned : step.plain) : '');
  return (
    <main className="front" ref={place} tabIndex={-1} aria-label={`${course.document.name}, at the front`}>
      <header className="front-top">
        <Button size="small" onClick={leave}>
          Leave
        </Button>
        <h1>{course.document.name}</h1>
        <Button size="small" aria-pressed={front.turned} onClick={() => change({ ...front, turned: !front.turned })}>
          Turn the work over
        </Button>
      </header>
      <WorkRoom
        className="front-work"
        work={way.work}
        steps={steps}
        sewn={front.step}
        turned={front.turned}
        signature={inHand(steps, front.step)}
        next
      />
      <section className="front-words" aria-live="polite">
        <p className="front-now">
          {now ? (
            <>
              <span className="front-number">{front.step + 1}</span> {told(now)}
            </>
          ) : (
            `All ${steps.length} moves are sewn.`
          )}
        </p>
        {after && (
          <p className="front-next">
            then <span className="front-number">{front.step + 2}</span> {told(after)}
          </p>
        )}
      </section>
      <footer className="front-foot">
        <Button size="large" disabled={front.step === 0} onClick={() => go(front.step - 1)}>
          One back
        </Button>
        {now && <Others front={front} change={change} />}
        <Button size="large" type="primary" disabled={!now} onClick={() => go(front.step + 1)}>
          Next move
        </Button>
      </footer>
    </main>
  );
}

/** Who is through the move that is shown, ticked by hand; whoever is behind is gone back to. */
function Others({ front, change }: { front: Front; change: (front: Front) => void }) {
  const behind = front.done.some((done) => done < front.step);
  return (
    <div className="front-others" role="group" aria-label="Who is through this move">
      {front.done.map((done, person) => (
        <button
          key={person}
          type="button"
          className={done > front.step ? 'front-person front-through' : 'front-person'}
          aria-pressed={done > front.step}
          aria-label={`Number ${person + 1}${done < front.step ? `, at move ${done + 1}` : ''}`}
          onClick={() => change(ticked(front, person))}
        >
          {person + 1}
          {done < front.step && <span className="front-behind">at {done + 1}</span>}
        </button>
      ))}
      <span className="front-count">
        {through(front)} of {front.done.length} through
      </span>
      {behind && (
        <Button size="small" onClick={() => change(backToLast(front))}>
          Back to the last
        </Button>
      )}
    </div>
  );
}
