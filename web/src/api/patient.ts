const MOST_TRIES = 8;

/** How long the server asks to be left alone, ms; nothing where it does not ask. */
function asked(answer: Response): number | null {
  const seconds = Number(answer.headers.get('Retry-After'));
  return answer.status === 503 && seconds > 0 ? seconds * 1000 : null;
}

/** Asks again, quietly, while the server says that it has too much to do. */
export async function patient(request: Request): Promise<Response> {
  for (let tries = 1; ; tries++) {
    const answer = await fetch(request.clone());
    const wait = asked(answer);
    if (wait === null || tries === MOST_TRIES) {
      return answer;
    }
    await new Promise((done) => setTimeout(done, wait));
  }
}
