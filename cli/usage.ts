/** What each command is called with: `--help`, and what docs/formats.md tells at length. */

export const USAGES = {
  simulate: `simulate --mass 14lb|6.2kg [--species turkey|chicken|duck|goose]
         [--cut whole|spatchcock|parts|crown|legs|boneless-breast|leg-roll] [--legs tied|open] [--stuffed]
         [--start 4C] [--heat oven|fan-oven|smoker|covered-grill|spit] [--preheat 260C]
         [--fuel charcoal|wood|pellets|gas] [--weather=-5C,windy] [--draught weak|usual|good]
         --stage 220C@0m [--stage 160C@25m,shield=breast | --stage 160C@breast=40C ...]
             shield=none|breast|tips|breast-and-tips|all, wrap=none|foil|lid|bag, side=up|down,
             surface=rack|deep-pan|pan|hot-stone|grate|vegetables|stand, movedTo= one of --heat
         --until breast=74C[,thigh=74C][,filling=74C] | time=120m
         [--rest 20m,cover=none|foil|towels|box] [--skin wet|dried,hours=24] [--on-skin oil,paste,bacon]
         [--tips deepest|usual] [--grid 5mm]
  one roast and its rest: minutes, band, temperatures, a point a minute`,
  thaw: `thaw --mass 14lb [--species ...] [--cut ...] [--in fridge|water|brine] --medium 3C [--from -18C]
  hours until the last ice is gone`,
  salt: `salt --mass 14lb [--species ...] [--cut ...] [--method dry|brine|equilibrium|injection]
     [--salt table|fine|coarse|light-flake|dense-flake] [--percent 1] [--hours 24] [--water 12L] [--grid 6mm]
  what to weigh, and where the salt is when its time is up`,
  plan: `plan FILE.json
  the tasks of every roast in a file, what they need, and what conflicts`,
  forecast: `forecast --plan FILE.json --readings FILE.csv [--at 120m] [--unit C|F]
  minutes until the targets show, from the readings so far`,
  log: `log FILE.json [--csv]
  what became of every roast that came out`,
  learn: `learn FILE.json
  what the roasts have taught of each oven`,
  practice: `practice --seed N [--count M] [--policy no-thermometer|by-the-book|bruma] [--day calm|usual|worst]
  roasts of hidden birds, played and scored`,
  check: `check FILE
  which of Bruma's formats a file is, and whether it is valid`,
} as const;
export type CommandName = keyof typeof USAGES;

export const HELP = `npm run --silent bruma -- <command> prints one JSON object.
What is wrong is told in one line on standard error, with exit code 2; 3 where a target is never met.

${Object.values(USAGES).join("\n\n")}
`;
