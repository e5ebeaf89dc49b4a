import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, type Outcome, type PageView } from '../../api/client';
import { asBody } from '../../api/files';
import { FilePress } from '../../ui/FilePress';
import { TypedField } from '../../ui/TypedField';

interface Props {
  page: PageView;
  done: (request: Promise<Outcome<unknown>>) => Promise<string | null>;
}

/** What is taken of a picture at the most, bytes. */
const LARGEST = 20_000_000;

/** Pictures of a book, each with a line under it. */
export function Pictures({ page, done }: Props) {
  const [said, setSaid] = useState<string | null>(null);
  const add = async (file: File) => {
    // a server that refuses what is too large stops listening, and a browser then says only that it does not answer
    if (file.size > LARGEST) {
      setSaid(`“${file.name}” was not laid in. It holds ${Math.ceil(file.size / 1e6)} MB; at most 20 MB are taken.`);
      return;
    }
    setSaid(`Laying in “${file.name}”.`);
    const result = await outcome(
      api.POST('/api/books/{id}/pictures', {
        params: { path: { id: page.id } },
        ...asBody(file),
      }),
    );
    setSaid(result.kind === 'value' ? null : `“${file.name}” was not laid in. ${failure(result)}`);
    await done(Promise.resolve(result));
  };
  return (
    <section aria-label="Pictures" className="page-pictures">
      <h2>Pictures</h2>
      <p className="page-lay">
        <FilePress
          words="Lay in a picture"
          name="Picture"
          accept="image/jpeg,image/png"
          read={(file) => void add(file)}
        />
        <span className="page-none">JPEG or PNG, 20 MB at most. Where and when it was taken is not kept.</span>
      </p>
      <p role="status" className="page-said">
        {said}
      </p>
      <ul>
        {page.pictures.map((picture) => (
          <li key={picture.id}>
            <a href={`/api/pictures/${picture.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/pictures/${picture.id}?small=true`}
                alt={picture.caption || `A picture of ${page.name}`}
                width={160}
                height={Math.round((160 * picture.height) / picture.width)}
                loading="lazy"
              />
            </a>
            <TypedField
              label={`Under the picture${picture.caption ? `: ${picture.caption}` : ''}`}
              labelUnseen
              shown={picture.caption}
              empty="What is seen"
              maxLength={300}
              take={(caption) =>
                done(
                  outcome(api.PUT('/api/pictures/{id}', { params: { path: { id: picture.id } }, body: { caption } })),
                )
              }
            />
            <TakeOut
              name={picture.caption || 'this picture'}
              take={() => done(outcome(api.DELETE('/api/pictures/{id}', { params: { path: { id: picture.id } } })))}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A picture cannot be had back, so it is asked once more. */
function TakeOut({ name, take }: { name: string; take: () => Promise<string | null> }) {
  const [asked, setAsked] = useState(false);
  return asked ? (
    <span className="page-presses">
      <Button size="small" danger onClick={() => void take()}>
        Take it out for good
      </Button>
      <Button size="small" onClick={() => setAsked(false)}>
        Leave it
      </Button>
    </span>
  ) : (
    <Button size="small" aria-label={`Take out ${name}`} onClick={() => setAsked(true)}>
      Take out
    </Button>
  );
}
