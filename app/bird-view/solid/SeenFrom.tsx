import { LOOKS, type Look, nearestSide, SEEN_FROM } from "../../../core/bird/look";
import { SEEN_FROM_NAMES } from "../../../words/solid";
import { Select } from "../../ui/Select";

interface Props {
  readonly look: Look;
  onLook(look: Look): void;
}

/** From where the solid is seen, without a hand that turns it. */
export function SeenFrom({ look, onLook }: Props) {
  return (
    <Select
      label="Seen"
      value={nearestSide(look)}
      choices={SEEN_FROM}
      names={SEEN_FROM_NAMES}
      onChange={(from) => onLook({ ...LOOKS[from], zoom: look.zoom })}
    />
  );
}
