import type { Schemas, Settings } from "../../api/client";
import { ChoiceList, MaybeLengthField } from "../../components/Field";
import { useSpeech, type Words } from "../../speech/useSpeech";
import { boardName } from "../materials/boards";
import type { Change } from "./settings";

type Rule = Settings["shop_headers"][number];
type Sent = Schemas["ShopHeader"];

interface Props {
  readonly settings: Settings;
  readonly stock: readonly Schemas["AnsweredStockItem"][];
  readonly change: Change;
}

/** What the shop does without asking; calculation still judges it. */
export function ShopRules({ settings, stock, change }: Props) {
  const { say } = useSpeech();
  const rules = settings.shop_headers;
  const save = (make: (rules: readonly Rule[]) => Sent[]) =>
    change((now) => ({ shop_headers: make(now.shop_headers) }));
  const first = stock[0]?.board;
  return (
    <section className="sheet grid gap-3 p-4">
      <h2 className="ruled">{say("page-what-the-shop-does")}</h2>
      <div className="grid grid-cols-2 gap-3">
        <MaybeLengthField
          label={say("page-two-jacks-from")}
          hint={say("page-empty-no-such-rule")}
          length={settings.shop_doubles_jacks_from}
          input="shop-doubles-jacks-from"
          save={(shop_doubles_jacks_from) => change({ shop_doubles_jacks_from })}
        />
        <MaybeLengthField
          label={say("page-two-kings-from")}
          hint={say("page-empty-no-such-rule")}
          length={settings.shop_doubles_kings_from}
          input="shop-doubles-kings-from"
          save={(shop_doubles_kings_from) => change({ shop_doubles_kings_from })}
        />
      </div>
      {rules.map((rule, index) => (
        <RuleFields
          // biome-ignore lint/suspicious/noArrayIndexKey: a rule has no name but its place
          key={index}
          rule={rule}
          stock={stock}
          change={(part) =>
            save((now) => now.map((each, place) => (place === index ? { ...each, ...part } : each)))
          }
          remove={() => void save((now) => now.filter((_, place) => place !== index))}
        />
      ))}
      {first && (
        <button
          type="button"
          className="btn tap justify-self-start font-normal"
          onClick={() => void save((now) => [...now, { header: { board: first, plies: 2 } }])}
        >
          {say("page-add-a-header-rule")}
        </button>
      )}
      <p className="text-secondary text-sm">{say("page-the-first-header-rule-that-holds-counts")}</p>
    </section>
  );
}

interface RuleProps {
  readonly rule: Rule;
  readonly stock: Props["stock"];
  readonly change: (part: Partial<Sent>) => Promise<Words | undefined>;
  readonly remove: () => void;
}

function RuleFields({ rule, stock, change, remove }: RuleProps) {
  const { say } = useSpeech();
  const boards = stock.map((item) => item.board);
  const known = boards.some((board) => boardName(board) === boardName(rule.header.board));
  const choices = known ? boards : [rule.header.board, ...boards];
  return (
    <div className="grid grid-cols-2 gap-2 border-base-300 border-l-4 pl-3">
      <ChoiceList
        label={say("page-plies-2")}
        value={String(rule.header.plies)}
        options={["1", "2", "3", "4"].map((plies) => ({ value: plies, label: plies }))}
        choose={(plies) => void change({ header: { ...rule.header, plies: Number(plies) } })}
      />
      <ChoiceList
        label={say("page-of")}
        value={boardName(rule.header.board)}
        options={choices.map((board) => ({ value: boardName(board), label: boardName(board) }))}
        choose={(name) => {
          const board = choices.find((each) => boardName(each) === name);
          if (board) void change({ header: { ...rule.header, board } });
        }}
      />
      <MaybeLengthField
        label={say("page-over-openings-up-to")}
        hint={say("page-empty-over-everything")}
        length={rule.up_to}
        input="shop-header-up-to"
        save={(up_to) => change({ up_to })}
      />
      <MaybeLengthField
        label={say("page-on-buildings-up-to")}
        hint={say("page-empty-on-every-building")}
        length={rule.building_up_to}
        input="shop-header-building-up-to"
        save={(building_up_to) => change({ building_up_to })}
      />
      <button
        type="button"
        className="btn btn-ghost tap col-span-2 justify-self-start font-normal"
        onClick={remove}
      >
        {say("page-take-this-rule-away")}
      </button>
    </div>
  );
}
