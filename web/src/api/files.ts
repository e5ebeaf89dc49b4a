/** A file as the body of a request, sent as it is. */
export function asBody(file: File) {
  return {
    body: file as never,
    bodySerializer: (body: unknown) => body as Blob,
    headers: { 'Content-Type': 'application/octet-stream' },
  };
}
