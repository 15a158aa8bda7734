import type { Finding } from "../../checks";

/** What is said of a finding, and what to do. */
export interface FindingWording {
  readonly text: string;
  readonly remedy: string;
}

/** A finding with its lengths ready to be said. */
export interface Spoken {
  readonly finding: Finding;
  readonly say: (name: string) => string;
  readonly label: string;
  /** What goes round the chest is called so on this figure. */
  readonly chest: "bust" | "chest";
  readonly against: string;
}
