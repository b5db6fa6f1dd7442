/** What a spreadsheet takes for a formula, or for the mark that something is none. */
const FORMULA = /^[=+\-@\t\r']/u;

/** A text as a cell of a table: what a spreadsheet would take for a formula is marked as text by an apostrophe. */
export function cellText(text: string): string {
  return FORMULA.test(text) ? `'${text}` : text;
}

/** The text of a cell, without the apostrophe that marks it as text. */
export function textOfCell(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
}
