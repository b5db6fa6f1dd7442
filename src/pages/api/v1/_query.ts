import { type ProblemDocument, problem } from './_problem';

const TEXT_LIMIT = 2000;

export type QueryReading =
  | { readonly ok: true; readonly values: ReadonlyMap<string, string> }
  | { readonly ok: false; readonly problem: ProblemDocument };

/**
 * Reads the parameters of a request: each known, named once and not empty. Optional ones may be left out.
 *
 * @param known every parameter of the endpoint
 * @param required those that may not be left out
 */
export function readQuery(url: URL, known: readonly string[], required: readonly string[]): QueryReading {
  const failed = (status: number, name: string, detail: string): QueryReading => ({
    ok: false,
    problem: problem(status, detail, [{ pointer: `#/${name}`, detail }]),
  });
  const values = new Map<string, string>();
  for (const [name, value] of url.searchParams) {
    if (!known.includes(name)) {
      const shown = name.slice(0, 60);
      return failed(
        400,
        shown,
        `The parameter '${shown}' is not known here. Known are: ${known.join(', ')}.`,
      );
    }
    if (values.has(name)) return failed(400, name, `The parameter '${name}' was given more than once.`);
    if (value.length > TEXT_LIMIT) {
      return failed(413, name, `'${name}' holds ${value.length} characters; at most ${TEXT_LIMIT} are read.`);
    }
    if (value.trim() === '') return failed(400, name, `The parameter '${name}' is empty.`);
    values.set(name, value);
  }
  for (const name of required) {
    if (!values.has(name)) {
      return failed(400, name, `The parameter '${name}' is missing. Note that # must be sent as %23.`);
    }
  }
  return { ok: true, values };
}
