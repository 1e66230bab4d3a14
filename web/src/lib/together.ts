/** What stands after a figure and belongs to it: a fraction, or a unit. */
const BELONGS =
  /(\d|∞) (?=\d+\/\d+|(?:lb|psf|psi|in\.|ft|sq\. ft|mm|kN|kPa|MPa|km\/h|kg|m[²³⁴]?|mph|%|×)(?![a-z]))/g;

/** Text in which no line ends between a figure and its fraction or unit. */
export function together(text: string): string {
  return text.replace(BELONGS, "$1\u00a0");
}
