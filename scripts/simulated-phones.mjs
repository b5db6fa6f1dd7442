// Simulated phones: each joins a class that is open, listens, and answers, over HTTP as a phone does.

/** Reads server-sent events from an answer, one after the other. */
async function* eventsOf(response) {
  const text = new TextDecoder();
  let rest = '';
  for await (const part of response.body) {
    rest += text.decode(part, { stream: true });
    for (let end = rest.indexOf('\n\n'); end >= 0; end = rest.indexOf('\n\n')) {
      const lines = rest.slice(0, end).split('\n');
      rest = rest.slice(end + 2);
      const field = (name) => lines.find((line) => line.startsWith(`${name}: `))?.slice(name.length + 2);
      const event = field('event');
      if (event) yield { event, data: JSON.parse(field('data') ?? 'null') };
    }
  }
}

/** Sends JSON to an address of the API; `bearer` is a secret or a token. */
export async function sendJson(base, method, path, body, bearer) {
  const response = await fetch(`${base}/api/v1${path}`, {
    method,
    headers: {
      ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
      ...(bearer ? { Authorization: `Bearer ${bearer}` } : {}),
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const text = await response.text();
  return { status: response.status, body: text ? JSON.parse(text) : null };
}

/** Listens to a class; `hear` is called with each event until the line is cut by `cut`. */
export async function listenTo(base, code, bearer, hear) {
  const cut = new AbortController();
  const response = await fetch(`${base}/api/v1/classes/${code}/events`, {
    headers: { Authorization: `Bearer ${bearer}` },
    signal: cut.signal,
  });
  if (!response.ok) throw new Error(`Listening was refused: ${response.status}`);
  const ended = (async () => {
    try {
      for await (const each of eventsOf(response)) hear(each);
    } catch (error) {
      if (!cut.signal.aborted) hear({ event: 'lost', data: String(error) });
    }
  })();
  return { cut: () => cut.abort(), ended };
}

/** A phone that has joined. */
export async function phone(base, code, name, hear = () => undefined) {
  const { status, body } = await sendJson(base, 'POST', `/classes/${code}/people`, { name });
  if (status !== 201) throw new Error(`${name} was not let in: ${status}`);
  const line = await listenTo(base, code, body.token, hear);
  return {
    ...body,
    ...line,
    answer: (round, answer, more = {}) =>
      sendJson(base, 'PUT', `/classes/${code}/answer`, { round, answer, ...more }, body.token),
  };
}
