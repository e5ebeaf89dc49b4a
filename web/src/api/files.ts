/** A file, or part of one, as the body of a request, sent as it is. */
export function asBody(file: Blob) {
  return {
    body: file as never,
    bodySerializer: (body: unknown) => body as Blob,
    headers: { 'Content-Type': 'application/octet-stream' },
  };
}
