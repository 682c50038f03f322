// AssemblyScript, not TypeScript: compiled by tools/buildKernel.mjs. `../exchange.ts` is the reference that the tests hold
// this against; change both together. Arguments are byte addresses in the imported memory.

/** One number of two rows, side by side. */
// @ts-ignore: decorator
@inline
function ofBoth(one: usize, other: usize): v128 {
  return f64x2.replace_lane(v128.load_splat<f64>(one), 1, load<f64>(other));
}

/**
 * The balance at the skin; arguments as in `../exchange.ts`, the arrays as byte addresses; two surface cells at a
 * time. The arrays begin at multiples of 16 bytes, so that behind an odd last cell there is room for a second one,
 * of which nothing is kept.
 */
export function exchange(
  temperature: usize,
  cells: usize,
  areas: usize,
  inners: usize,
  opens: usize,
  pans: usize,
  hots: usize,
  regions: usize,
  fronts: usize,
  skins: usize,
  vapours: usize,
  heatsAtZero: usize,
  lessHeats: usize,
  count: i32,
  drive: usize,
  driveSize: i32,
  driveLowC: f64,
  driveStepsPerK: f64,
  parameters: usize,
  stepS: f64,
): void {
  const kelvin = f64x2.splat(273.15);
  const none = f64x2.splat(0);
  const one = f64x2.splat(1);
  const again = f64x2.splat(0.3);
  const top = f64x2.splat(<f64>driveSize - 1.001);
  const lowC = f64x2.splat(driveLowC);
  const stepsPerK = f64x2.splat(driveStepsPerK);
  const step = f64x2.splat(stepS);
  for (let n = 0; n < count; n += 2) {
    const place8: usize = (<usize>n) << 3;
    const second = n + 1 < count ? n + 1 : n;
    // Rows of 16 numbers, in the order of `P`.
    const p: usize = parameters + ((<usize>load<u8>(regions + <usize>n)) << 7);
    const q: usize = parameters + ((<usize>load<u8>(regions + <usize>second)) << 7);
    const here: usize = (<usize>load<i32>(cells + ((<usize>n) << 2))) << 3;
    const there: usize = (<usize>load<i32>(cells + ((<usize>second) << 2))) << 3;
    const open = v128.load(opens + place8);
    const pan = v128.load(pans + place8);
    const inner = v128.load(inners + place8);
    const meatC = ofBoth(temperature + here, temperature + there);
    const warmer = f64x2.mul(ofBoth(p + 16, q + 16), v128.load(hots + place8));
    const airC = f64x2.add(ofBoth(p, q), warmer);
    const wallC = f64x2.add(ofBoth(p + 8, q + 8), warmer);
    const seen = f64x2.add(open, f64x2.mul(ofBoth(p + 48, q + 48), pan));
    const blocked = f64x2.pmax(none, f64x2.sub(f64x2.sub(one, open), pan));
    const still = ofBoth(p + 32, q + 32);
    const reaching = f64x2.add(seen, f64x2.mul(ofBoth(p + 56, q + 56), blocked));
    const reached = f64x2.add(still, f64x2.mul(f64x2.sub(one, still), reaching));
    const convective = f64x2.mul(ofBoth(p + 24, q + 24), reached);
    const skinK = f64x2.add(v128.load(skins + place8), kelvin);
    const wallK = f64x2.add(wallC, kelvin);
    const squares = f64x2.add(f64x2.mul(skinK, skinK), f64x2.mul(wallK, wallK));
    const radiative = f64x2.mul(
      f64x2.mul(f64x2.mul(ofBoth(p + 40, q + 40), seen), f64x2.add(skinK, wallK)),
      squares,
    );
    const film = f64x2.add(convective, radiative);
    const lost = v128.load(vapours + place8);
    const deepest = ofBoth(p + 112, q + 112);
    const dry = f64x2.mul(ofBoth(p + 104, q + 104), f64x2.pmax(none, lost));
    const both = f64x2.add(dry, deepest);
    const crust = f64x2.mul(dry, deepest);
    const dryness = f64x2.mul(crust, ofBoth(p + 88, q + 88));
    const perFilm = f64x2.div(one, f64x2.add(both, f64x2.mul(film, dryness)));
    const through = f64x2.mul(both, perFilm);
    const outer = f64x2.mul(film, through);
    const fromZero = f64x2.add(f64x2.mul(convective, airC), f64x2.mul(radiative, wallC));
    const outerFromZero = f64x2.mul(fromZero, through);
    const passing = f64x2.mul(convective, ofBoth(p + 72, q + 72));
    const held = f64x2.mul(f64x2.mul(passing, crust), ofBoth(p + 96, q + 96));
    const vapour = f64x2.div(
      f64x2.mul(f64x2.mul(ofBoth(p + 64, q + 64), passing), both),
      f64x2.add(both, held),
    );
    const outsideDrive = ofBoth(p + 80, q + 80);
    const latent = ofBoth(p + 120, q + 120);
    const latentVapour = f64x2.mul(latent, vapour);
    const conducted = f64x2.add(inner, outer);
    const brought = f64x2.add(f64x2.mul(inner, meatC), outerFromZero);
    let front = v128.load(fronts + place8);
    let moving = f64x2.eq(one, one);
    // How much of a degree of the meat the front goes along with.
    let along = none;
    for (let turn = 0; turn < 4; turn++) {
      const place = f64x2.pmin(f64x2.pmax(f64x2.mul(f64x2.sub(front, lowC), stepsPerK), none), top);
      const entries = i32x4.trunc_sat_f64x2_s_zero(place);
      const lowAt = v128.load(drive + ((<usize>i32x4.extract_lane(entries, 0)) << 3));
      const lowAtOther = v128.load(drive + ((<usize>i32x4.extract_lane(entries, 1)) << 3));
      const low = v128.shuffle<f64>(lowAt, lowAtOther, 0, 2);
      const rise = f64x2.sub(v128.shuffle<f64>(lowAt, lowAtOther, 1, 3), low);
      const share = f64x2.sub(place, f64x2.convert_low_i32x4_s(entries));
      const frontK = f64x2.add(front, kelvin);
      const driving = f64x2.sub(f64x2.add(low, f64x2.mul(share, rise)), outsideDrive);
      const excess = f64x2.sub(
        f64x2.mul(f64x2.sub(brought, f64x2.mul(conducted, front)), frontK),
        f64x2.mul(latentVapour, driving),
      );
      const stiffness = f64x2.add(
        f64x2.mul(conducted, frontK),
        f64x2.mul(latentVapour, f64x2.mul(rise, stepsPerK)),
      );
      along = v128.bitselect(f64x2.div(f64x2.mul(inner, frontK), stiffness), along, moving);
      const change = v128.and(f64x2.div(excess, stiffness), moving);
      front = f64x2.add(front, change);
      moving = v128.and(moving, f64x2.ge(f64x2.abs(change), again));
      if (!v128.any_true(moving)) break;
    }
    const fromOutside = f64x2.sub(outerFromZero, f64x2.mul(outer, front));
    const inwards = f64x2.mul(inner, f64x2.sub(front, meatC));
    const flux = f64x2.div(f64x2.sub(fromOutside, inwards), latent);
    v128.store(vapours + place8, f64x2.add(lost, f64x2.mul(flux, step)));
    v128.store(fronts + place8, front);
    const dried = f64x2.mul(f64x2.mul(f64x2.sub(fromZero, f64x2.mul(film, front)), dryness), perFilm);
    v128.store(skins + place8, f64x2.add(front, dried));
    const area = v128.load(areas + place8);
    const perK = f64x2.mul(inner, f64x2.sub(one, along));
    const atZero = f64x2.mul(f64x2.add(inwards, f64x2.mul(perK, meatC)), area);
    const less = f64x2.mul(perK, area);
    store<f64>(heatsAtZero + here, f64x2.extract_lane(atZero, 0));
    store<f64>(lessHeats + here, f64x2.extract_lane(less, 0));
    // Behind an odd last cell there is none.
    if (second == n) break;
    store<f64>(heatsAtZero + there, f64x2.extract_lane(atZero, 1));
    store<f64>(lessHeats + there, f64x2.extract_lane(less, 1));
  }
}

/** Heat of so many seconds into the surface cells; arguments as in `../exchange.ts`. */
export function takeUp(
  content: usize,
  temperature: usize,
  cells: usize,
  heatsAtZero: usize,
  lessHeats: usize,
  count: i32,
  seconds: f64,
  size: f64,
): f64 {
  const perVolume = 1.0 / (size * size * size);
  let heatJ: f64 = 0;
  for (let n = 0; n < count; n++) {
    const here: usize = (<usize>load<i32>(cells + ((<usize>n) << 2))) << 3;
    const gain = (load<f64>(heatsAtZero + here) - load<f64>(lessHeats + here) * load<f64>(temperature + here)) * seconds;
    store<f64>(content + here, load<f64>(content + here) + gain * perVolume);
    heatJ += gain;
  }
  return heatJ;
}
