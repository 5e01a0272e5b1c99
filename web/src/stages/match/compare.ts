/** One fact of several things side by side, with whether they differ in it. */
export interface ComparedRow {
  title: string;
  texts: string[];
  differs: boolean;
}

/** Lays facts out side by side. */
export function toRows<T>(things: T[], facts: [title: string, text: (thing: T) => string][]): ComparedRow[] {
  return facts.map(([title, text]) => {
    const texts = things.map(text);
    return { title, texts, differs: new Set(texts).size > 1 };
  });
}
