import { useSession } from '../../../state/useSession';
import { ErrorNote, Waiting } from '../../../ui/ErrorNote';
import { BookTop } from '../BookTop';
import { ConflictSlip } from '../ConflictSlip';
import { FailedSlip } from '../FailedSlip';
import { StageLine } from '../StageLine';
import { CopyChoices } from './CopyChoices';
import { CopyFacts } from './CopyFacts';
import { CopyGrid } from './CopyGrid';
import { Spoilt } from './Spoilt';
import { useCopies } from './useCopies';
import '../book.css';
import './copies.css';

/** All copies of a book: how they differ, what is done of each, what was spoilt. */
export function CopiesPlace() {
  const { state } = useSession();
  const copies = useCopies();
  const { data } = copies.copies;
  return (
    <main id="place" className="book all-copies">
      <BookTop />
      <StageLine now={null} />
      {state.keeping.kind === 'conflict' && <ConflictSlip conflict={state.keeping.conflict} />}
      {state.keeping.kind === 'failed' && <FailedSlip {...state.keeping} />}
      <div className="book-middle">
        <div className="choices">
          <CopyChoices />
        </div>
        <div className="copies">
          <p role="status" className="copies-said">
            {copies.said}
          </p>
          {copies.copies.isError && (
            <ErrorNote message={copies.copies.error.message} again={() => void copies.copies.refetch()} />
          )}
          {!data && !copies.copies.isError && <Waiting what="Counting the copies" />}
          {data && (
            <>
              <CopyFacts view={data} supplies={copies.supplies.data} />
              <CopyGrid view={data} copies={copies} />
              <Spoilt view={data} copies={copies} />
            </>
          )}
        </div>
      </div>
    </main>
  );
}
