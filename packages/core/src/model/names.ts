/**
 * The words a kind of door brings along. Inference and planning take any text; a kind of door says its own more closely, so
 * that a table of it cannot name what is not there.
 */
export interface Names {
  parameter: string;
  /** A figure of the card that tables refer to. */
  figure: string;
  station: string;
  edge: string;
  /** Where the slab hangs or stands and can be set: a hinge, a roller. */
  place: string;
  cause: string;
  finding: string;
  action: string;
  side: string;
}
