import type { Amendment } from "./house-file";

/** A place a crew works in: the edition adopted there, and its amendments as the house file writes them. */
export interface Jurisdiction {
  id: string;
  name: string;
  edition: string;
  amendments: Amendment[];
}
