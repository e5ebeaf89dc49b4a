import { Button } from 'antd';
import { useCatalogue } from '../../api/catalogue';
import { download } from '../../browser/download';
import { useSession } from '../../state/useSession';

/** A change that could not be kept and will not be: the binder drops it, keeps a copy of it, or changes something more. */
export function FailedSlip({ message, what }: { message: string; what: string }) {
  const { session, state } = useSession();
  const catalogue = useCatalogue();
  const { document } = state;
  const copy = () => {
    const file = { ...catalogue?.bookFile, book: document };
    download(`${document.name}.book.json`, JSON.stringify(file, null, 2));
  };
  return (
    <section className="conflict" role="alertdialog" aria-label="Not kept">
      <h2>Not kept: {what}</h2>
      <p>{message} Change it otherwise, or drop it; what was kept before is not touched.</p>
      <div className="conflict-acts">
        <Button onClick={() => session.tryAgain()}>Try again</Button>
        <Button onClick={copy} disabled={!catalogue}>
          Keep a copy as a file
        </Button>
        <Button type="primary" onClick={() => session.drop()}>
          Drop the change
        </Button>
      </div>
    </section>
  );
}
