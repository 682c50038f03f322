import { SALT_BANDS } from "./bandScale";

/** The bands of salt with their shares, in words for those who do not see the shades. */
export function SaltKey() {
  return (
    <div className="px-1">
      <div className="flex h-3.5">
        {SALT_BANDS.edges.map((edge) => (
          <span key={edge} className="grow" style={{ background: SALT_BANDS.colourOf(edge) }} />
        ))}
      </div>
      <div className="flex text-xs text-soft">
        {SALT_BANDS.edges.map((edge) => (
          <span key={edge} className="grow basis-0">
            {edge < 0 ? "none" : `${edge} %`}
          </span>
        ))}
      </div>
      <p className="text-xs text-soft">Salt by weight of the meat. It goes in slowly, and nothing else goes deep.</p>
    </div>
  );
}
