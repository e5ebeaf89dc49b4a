import { Button } from 'antd';
import { useEffect } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, outcome, type PageView } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { keptPaper } from '../../ui/printing';
import { standingScale } from '../../drawing/bench/geometry';
import { PlannedBook } from '../../drawing/bench/PlannedBook';
import { TypedField } from '../../ui/TypedField';
import { useWords } from '../../units/unit';
import { PageLines } from './PageLines';
import { Pictures } from './Pictures';
import { usePage, usePageActs } from '../../ui/usePage';
import './notebook.css';

/** A book's page: what was planned beside what came out, notes, pictures, what it cost. */
export default function Page() {
  const { id = '' } = useParams();
  const page = usePage(id);
  const { data } = page;
  const name = data?.name;
  useEffect(() => {
    document.title = name ? `${name} · Notebook · Itomichi` : 'Notebook · Itomichi';
  }, [name]);
  return (
    <main id="place" className="drawers">
      <div className="drawers-top">
        <Link to="/notebook" className="book-back">
          Notebook
        </Link>
        <h1>{name ?? 'A page'}</h1>
      </div>
      {page.isError && <ErrorNote message={page.error.message} again={() => void page.refetch()} />}
      {page.isPending && !page.isError && <Waiting what="Opening the notebook" />}
      {data && <Opened page={data} />}
    </main>
  );
}

/** Height of the book beside the words, CSS pixels. */
const TALL = 120;

function Opened({ page }: { page: PageView }) {
  const acts = usePageActs(page.id);
  const navigate = useNavigate();
  const words = useWords();
  const like = async () => {
    const made = await outcome(api.POST('/api/books/{id}/copy', { params: { path: { id: page.id } } }));
    if (made.kind === 'value') {
      void navigate(`/books/${made.value.id}/purpose`);
    }
  };
  return (
    <div className="page">
      <div className="page-head">
        {page.outside && (
          <div className="shelved page-book">
            <PlannedBook
              book={page.outside}
              scale={standingScale([page.outside], TALL, 0.6)}
              there={Boolean(page.finished)}
            />
          </div>
        )}
        <div>
          <p className="page-told">
            {page.structure}, of {page.papers.join(', ')}.{' '}
            {page.finished ? `Finished ${page.finished}.` : 'Still in work.'} {page.purpose}
          </p>
          <p className="page-presses">
            <Button size="small" onClick={() => void navigate(`/books/${page.id}/finish`)}>
              Open the book
            </Button>
            <Button size="small" onClick={() => void like()}>
              Begin a book like it
            </Button>
            <Button size="small" href={`/api/books/${page.id}/page.pdf?paper=${keptPaper()}`} target="_blank">
              Print its record card
            </Button>
          </p>
        </div>
      </div>
      <div className="page-words">
        <section aria-label="Notes">
          <h2>Notes</h2>
          <TypedField
            label="Notes"
            labelUnseen
            shown={page.notes}
            multiline
            empty="What to remember of it"
            maxLength={20000}
            take={(text) => acts.write(text, page.failed)}
          />
        </section>
        <section aria-label="What failed">
          <h2>What failed</h2>
          {page.looks.length > 0 && (
            <>
              <p>Not good when it was looked over:</p>
              <ul>
                {page.looks.map((look, i) => (
                  <li key={i}>{words(look)}</li>
                ))}
              </ul>
            </>
          )}
          <TypedField
            label="What failed"
            labelUnseen
            shown={page.failed}
            multiline
            empty="And what you would do otherwise"
            maxLength={20000}
            take={(text) => acts.write(page.notes, text)}
          />
        </section>
        <section aria-label="What it took">
          <h2>What it took</h2>
          <table>
            <tbody>
              {page.costs.map((cost, i) => (
                <tr key={i}>
                  <th scope="row">{cost.what}</th>
                  <td className="number">{words(cost.amount)}</td>
                  <td className="number">{cost.price == null ? '' : cost.price.toFixed(2)}</td>
                </tr>
              ))}
              {page.spent != null && page.costs.filter((cost) => cost.price != null).length > 1 && (
                <tr>
                  <th scope="row">All together</th>
                  <td />
                  <td className="number">{page.spent.toFixed(2)}</td>
                </tr>
              )}
            </tbody>
          </table>
        </section>
      </div>
      <Pictures page={page} done={acts.done} />
      <section aria-label="Planned and come out">
        <h2>Planned, and come out</h2>
        <PageLines page={page} take={acts.take} />
      </section>
    </div>
  );
}
