/** The smallest letters of a drawing, px: read from where a tablet stands on a sawhorse. */
export const SMALL = 12;
/** Lengths that one measures or cuts to, px. */
export const FIGURE = 16;

/** How wide a text is about, px: no narrower than it is set. */
export const widthOf = (text: string, size: number) => text.length * size * 0.64 + 3;
