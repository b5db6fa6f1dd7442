/** A problem document, RFC 9457. */
export type ProblemDocument = {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors?: readonly { readonly pointer: string; readonly detail: string }[];
};

const TITLES: Readonly<Record<number, string>> = {
  400: 'The request could not be read',
  401: 'Who sends this is not known here',
  404: 'There is nothing at this address',
  405: 'This method is not allowed here',
  409: 'This does not go with how things stand',
  413: 'The request is too large',
  415: 'This kind of content is not read here',
  422: 'The request was read, but asks for something that is not allowed',
  429: 'This is asked too often',
};

/** Makes a problem document. Its type names the status; the detail says what was read and what is allowed. */
export function problem(status: number, detail: string, errors?: ProblemDocument['errors']): ProblemDocument {
  const document = {
    type: `urn:moon-step:problem:${status}`,
    title: TITLES[status] ?? 'Problem',
    status,
    detail,
  };
  return errors ? { ...document, errors } : document;
}

/** Answers with a problem document. */
export function problemResponse(
  found: ProblemDocument,
  headers: Readonly<Record<string, string>> = {},
): Response {
  return new Response(JSON.stringify(found), {
    status: found.status,
    headers: { 'Content-Type': 'application/problem+json', 'Cache-Control': 'no-store', ...headers },
  });
}
