/** What the server reads in a line of quick entry. */
export interface EntryReading {
  echo: string;
  ready: boolean;
  in: string;
  id: string;
  isNew: boolean;
  /** Whether the line says anything beyond where. */
  changes: boolean;
  faults: {
    from: number;
    to: number;
    message: string;
    /** What the word may have been meant to be. */
    instead: string[];
  }[];
}

export interface Entered {
  in: string;
  id: string;
  area: string | null;
  echo: string;
  /** Whether the line said anything beyond where. */
  changes: boolean;
}

/** One list of the shorthand: each value with the words that mean it. */
export interface Glossary {
  title: string;
  words: { label: string; words: string[] }[];
}
