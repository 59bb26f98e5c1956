/** Every page of the handbook, as it stands beside the code: bundled, so that screen and document are one. */
const files = import.meta.glob<string>('../../../../docs/handbook/*.md', {
  query: '?raw',
  import: 'default',
  eager: true,
});

export interface HandbookPage {
  /** Number of the section; 0 for the list of all. */
  section: number;
  title: string;
  text: string;
}

/** Names of code in brackets, for who changes a rule; who reads it on screen has no use for them. */
const CODE_NAMES = /\s\((?:`[^`]+`,?\s?)+\)|, `\w+`(?=\))/g;

function pageOf(path: string, text: string): HandbookPage {
  const name = path.slice(path.lastIndexOf('/') + 1);
  return {
    section: sectionOf(name) ?? 0,
    title: text.slice(2, text.indexOf('\n')),
    text: text.slice(text.indexOf('\n') + 1).replace(CODE_NAMES, ''),
  };
}

/** The section that a file of the handbook holds, by the number its name begins with. */
export function sectionOf(file: string): number | undefined {
  const number = /^(\d+)-[\w-]+\.md/.exec(file)?.[1];
  return number === undefined ? undefined : Number(number);
}

export const PAGES: HandbookPage[] = Object.entries(files)
  .map(([path, text]) => pageOf(path, text))
  .sort((a, b) => a.section - b.section);
