import { createElement, type ReactNode } from "react";
import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";

export type Formula = Schemas["Formula"];

/** An element of MathML. */
const ml = (name: string, ...children: ReactNode[]) => createElement(name, null, ...children);

/** A formula as it is set: fractions, powers, what stands below a letter. */
export function FormulaView({ formula }: { readonly formula: Formula }) {
  return createElement("math", { className: "formula", displaystyle: "true" }, <Part formula={formula} />);
}

function Part({ formula }: { readonly formula: Formula }): ReactNode {
  const { say } = useSpeech();
  const part = (of: Formula, key?: number) => <Part key={key} formula={of} />;
  switch (formula.is) {
    case "figure":
      return ml("mn", formula.text);
    case "words":
      // Text would count as space, and the signs beside it would stand without any.
      return ml("mi", say(formula.words));
    case "sign":
      return createElement("mo", { lspace: "0.25em", rspace: "0.25em" }, formula.text);
    case "symbol": {
      const letter = ml("mi", formula.letter);
      const below = formula.below && ml("mtext", formula.below);
      const after = formula.after && ml("mo", formula.after);
      if (below && after) return ml("msubsup", letter, below, after);
      if (below) return ml("msub", letter, below);
      return after ? ml("msup", letter, after) : letter;
    }
    case "row":
      return ml("mrow", ...formula.of.map(part));
    case "fraction":
      return ml("mfrac", ml("mrow", part(formula.over)), ml("mrow", part(formula.under)));
    case "power":
      return ml("msup", ml("mrow", part(formula.base)), ml("mrow", part(formula.exponent)));
    case "group":
      return ml("mrow", ml("mo", "("), part(formula.of), ml("mo", ")"));
    case "root":
      // A radical that stretches wants a font for mathematics, which a tablet need not have: without one nothing is drawn.
      return ml("mrow", ml("mo", "√"), ml("mo", "("), part(formula.of), ml("mo", ")"));
    case "call":
      return ml(
        "mrow",
        ml("mi", formula.name),
        ml("mo", "("),
        ...formula.of.flatMap((each, place) => (place > 0 ? [ml("mo", ","), part(each)] : [part(each)])),
        ml("mo", ")"),
      );
  }
}
