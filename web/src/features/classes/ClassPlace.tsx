import { Button } from 'antd';
import { useEffect } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { ClassChoices } from './ClassChoices';
import { Fits } from './Fits';
import { Kits } from './Kits';
import { useClass } from './useClass';
import './classes.css';

/** A class: what it is to be, whether it fits, what lies where. */
export default function ClassPlace() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const { view, keep, take, takeOut, remove, refusal } = useClass(id);
  const { data } = view;
  useEffect(() => {
    document.title = `${data?.document.name ?? 'Class'} · Itomichi`;
  }, [data]);
  return (
    <main id="place" className="drawers classes">
      <div className="drawers-top">
        <Link to="/classes" className="book-back">
          Classes
        </Link>
        <h1>{data?.document.name ?? 'Class'}</h1>
      </div>
      {view.isError && <ErrorNote message={view.error.message} again={() => void view.refetch()} />}
      {view.isPending && !view.isError && <Waiting what="Fetching the class" />}
      {refusal?.field === '' && (
        <p className="class-wrong" role="alert">
          {refusal.message}
        </p>
      )}
      {data && (
        <div className="class">
          <div className="class-choices">
            <ClassChoices view={data} keep={keep} />
            <p className="acts">
              <Button size="small" href={`/api/books/${data.document.bookId}/archive`}>
                Save it with its book as one file
              </Button>
              <Button
                size="small"
                onClick={() => void remove().then((gone) => (gone ? navigate('/classes') : undefined))}
              >
                Take the class out for good
              </Button>
            </p>
          </div>
          <div className="class-worked">
            <p className="acts">
              <Button size="small" onClick={() => void navigate(`/classes/${id}/front`)}>
                At the front: move by move, for a projector
              </Button>
            </p>
            <Fits view={data} take={(change) => void take(data, change)} />
            <Kits view={data} takeOut={() => void takeOut()} />
          </div>
        </div>
      )}
    </main>
  );
}
