import { useQueryClient } from '@tanstack/react-query';
import { brings, sendArchive } from '../../api/archive';
import { api, failure, outcome } from '../../api/client';
import { FilePress } from '../../ui/FilePress';

/** Loads a book from a file, alone or with all that was kept of it; of a wrong one the place and the reason are told. */
export function FileIn({ loaded, say }: { loaded: (id: string) => void; say: (text: string) => void }) {
  const client = useQueryClient();
  const layIn = async (chosen: File) => {
    const result = await sendArchive(chosen, { take: true, over: false });
    if (result.kind !== 'value') {
      say(`“${chosen.name}” was not loaded. ${failure(result)}`);
      return;
    }
    const { fresh, other } = brings(result.value);
    say(
      other
        ? `What is in “${chosen.name}” is here already, but otherwise. The notebook lets you look into it and choose.`
        : fresh
          ? `“${chosen.name}” is laid in.`
          : `Everything in “${chosen.name}” is here already.`,
    );
    await client.invalidateQueries();
  };
  const read = async (chosen: File) => {
    // whatever it is called: this is how a zip begins
    if ((await chosen.slice(0, 2).text()) === 'PK') {
      await layIn(chosen);
      return;
    }
    const text = await chosen.text();
    const result = await outcome(
      api.POST('/api/book-file', {
        body: text as never,
        bodySerializer: () => text,
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    if (result.kind === 'value') {
      loaded(result.value.id);
    } else {
      say(`“${chosen.name}” was not loaded. ${failure(result)}`);
    }
  };
  return (
    <FilePress
      words="Load from a file"
      name="Book file"
      accept=".json,application/json,.zip,application/zip"
      read={(chosen) => void read(chosen)}
    />
  );
}
