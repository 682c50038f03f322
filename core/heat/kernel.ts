/**
 * The one finite-volume kernel, for heat and for salt: adds to `content` what flows through the faces of each cell.
 *
 * Faces carry one conductance, shared by the two cells they part, so what leaves one cell enters the next and the
 * sum is conserved to rounding. Conductances towards cells outside the solid are zero. No allocation.
 */

/** Conductance of the face between a cell and its next neighbour along x, y and z. */
export interface FaceConductances {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
}

/** Which cells of a box are of the solid. */
export interface Lattice {
  /** Start and end (exclusive) of unbroken runs of cells along x. */
  readonly runs: Int32Array;
  /** Of each layer along z, where its runs begin among `runs`; of the last one also where they end. */
  readonly layers: Int32Array;
  /** Cells from one row, and from one layer, to the next. */
  readonly strideY: number;
  readonly strideZ: number;
}

/** Heat that enters cells from outside of the solid. */
export interface Inflow {
  /** Into each cell were it at 0 °C, W … */
  readonly atZeroW: Float64Array;
  /** … and so much less for each degree that it is warmer, W/K. */
  readonly lessWPerK: Float64Array;
}

/**
 * content[c] += factor · Σ_faces g · (potential[neighbour] − potential[c])
 * @param content what is stored, per volume (J/m³ for heat)
 * @param potential what drives the flow (°C for heat)
 * @param factor time step over cell volume, s/m³
 */
export function conduct(
  content: Float64Array,
  potential: Float64Array,
  faces: FaceConductances,
  { runs, strideY, strideZ }: Lattice,
  factor: number,
): void {
  const { x: gx, y: gy, z: gz } = faces;
  for (let r = 0; r < runs.length; r += 2) {
    const start = runs[r] as number;
    const end = runs[r + 1] as number;
    let here = potential[start] as number;
    let fromLeft = (gx[start - 1] as number) * ((potential[start - 1] as number) - here);
    for (let c = start; c < end; c++) {
      const next = potential[c + 1] as number;
      const toRight = (gx[c] as number) * (here - next);
      const net =
        fromLeft -
        toRight +
        (gy[c] as number) * ((potential[c + strideY] as number) - here) +
        (gy[c - strideY] as number) * ((potential[c - strideY] as number) - here) +
        (gz[c] as number) * ((potential[c + strideZ] as number) - here) +
        (gz[c - strideZ] as number) * ((potential[c - strideZ] as number) - here);
      content[c] = (content[c] as number) + factor * net;
      fromLeft = toRight;
      here = next;
    }
  }
}

/**
 * Conductance of every face (two half cells in series), and of all faces of a cell together. Conductivity is zero outside
 * the solid, so faces to nothing come out as zero by themselves; cells come in the order of their rows and layers, so
 * that those behind have their faces already.
 * @param conductivity W/mK
 * @param total of each cell's six faces
 * @param twiceSizeM two edges of a cell
 */
export function joinCells(
  conductivity: Float64Array,
  faces: FaceConductances,
  total: Float64Array,
  { runs, strideY, strideZ }: Lattice,
  twiceSizeM: number,
): void {
  const { x: gx, y: gy, z: gz } = faces;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      const here = conductivity[c] as number;
      const x = conductivity[c + 1] as number;
      const y = conductivity[c + strideY] as number;
      const z = conductivity[c + strideZ] as number;
      const twice = twiceSizeM * here;
      const towardsX = (twice * x) / (here + x);
      const towardsY = (twice * y) / (here + y);
      const towardsZ = (twice * z) / (here + z);
      gx[c] = towardsX;
      gy[c] = towardsY;
      gz[c] = towardsZ;
      const behind = (gx[c - 1] as number) + (gy[c - strideY] as number) + (gz[c - strideZ] as number);
      total[c] = towardsX + towardsY + towardsZ + behind;
    }
  }
}

/**
 * Steps of to[c] = from[c] + factor · perContent[c] · (Σ_faces g · (from[neighbour] − from[c]) + inflow[c]), forth and
 * back between two fields: {@link conduct} with what comes in, for as long as what a cell holds goes straight with its
 * temperature, without a look at what it holds.
 * @param now where it begins, and where it ends after an even number of steps; after an odd one it ends in `other`
 * @param perContent K per J/m³
 * @param factor time step over cell volume, s/m³
 * @returns sum over the steps of what came in, W
 */
export function spread(
  now: Float64Array,
  other: Float64Array,
  perContent: Float64Array,
  { atZeroW, lessWPerK }: Inflow,
  faces: FaceConductances,
  lattice: Lattice,
  factor: number,
  steps: number,
): number {
  const { runs } = lattice;
  let wattsInAll = 0;
  for (let step = 0; step < steps; step++) {
    const [from, to] = step % 2 === 0 ? [now, other] : [other, now];
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        const watts = (atZeroW[c] as number) - (lessWPerK[c] as number) * (from[c] as number);
        wattsInAll += watts;
        to[c] = factor * watts;
      }
    }
    conduct(to, from, faces, lattice, factor);
    for (let r = 0; r < runs.length; r += 2) {
      const end = runs[r + 1] as number;
      for (let c = runs[r] as number; c < end; c++) {
        to[c] = (from[c] as number) + (to[c] as number) * (perContent[c] as number);
      }
    }
  }
  return wattsInAll;
}

/** content[c] += (to[c] − from[c]) / perContent[c]: what cells hold after several times {@link spread}. */
export function settle(
  content: Float64Array,
  to: Float64Array,
  from: Float64Array,
  perContent: Float64Array,
  runs: Int32Array,
): void {
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      const gain = (to[c] as number) - (from[c] as number);
      content[c] = (content[c] as number) + gain / (perContent[c] as number);
    }
  }
}

/** to[c] = from[c] over the runs. */
export function mark(to: Float64Array, from: Float64Array, runs: Int32Array): void {
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) to[c] = from[c] as number;
  }
}

/** The furthest that a field lies from another anywhere over the runs. */
export function furthest(one: Float64Array, other: Float64Array, runs: Int32Array): number {
  let most = 0;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      const apart = Math.abs((one[c] as number) - (other[c] as number));
      if (apart > most) most = apart;
    }
  }
  return most;
}

/** Index of the least value over the runs; −1 where there is none. */
export function coldest(temperature: Float64Array, runs: Int32Array): number {
  let best = -1;
  let least = Number.POSITIVE_INFINITY;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      if ((temperature[c] as number) < least) {
        least = temperature[c] as number;
        best = c;
      }
    }
  }
  return best;
}
