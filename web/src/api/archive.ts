import { api, outcome, type ArchiveReport, type Outcome } from './client';
import { asBody } from './files';

/** Sends an archive to be looked at, or to be laid in. */
export function sendArchive(file: File, query: { take: boolean; over: boolean }): Promise<Outcome<ArchiveReport>> {
  return outcome<ArchiveReport>(api.POST('/api/workshop', { params: { query }, ...asBody(file) } as never));
}
