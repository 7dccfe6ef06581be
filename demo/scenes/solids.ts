/** A place or a direction, cm: x to the right, y up, z towards the camera. */
export type Vector = readonly [number, number, number];

export const add = (a: Vector, b: Vector, share = 1): Vector => [a[0] + share * b[0], a[1] + share * b[1], a[2] + share * b[2]];
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const unit = (a: Vector): Vector => {
  const length = Math.hypot(a[0], a[1], a[2]);
  return [a[0] / length, a[1] / length, a[2] / length];
};

/** What a surface reflects at a place of its own frame, and how much of it shines. */
export interface Material {
  readonly colour: (at: Vector) => Vector;
  /** How strongly it mirrors what is seen straight in it, 0 to 1, and how rough that is. */
  readonly gloss?: number;
  readonly rough?: number;
}

/** Where a ray meets something. */
export interface Hit {
  readonly distance: number;
  readonly normal: Vector;
  /** In the frame of the solid. */
  readonly local: Vector;
  readonly material: Material;
}

export interface Solid {
  readonly hit: (from: Vector, along: Vector, nearest: number) => Hit | null;
}

const NEAR = 1e-4;

/** All in front of a plane is free. @param normal - of length 1 */
export function ground(normal: Vector, through: Vector, material: Material): Solid {
  return {
    hit: (from, along, nearest) => {
      const slope = dot(normal, along);
      if (slope >= 0) return null;
      const distance = (dot(normal, through) - dot(normal, from)) / slope;
      return distance > NEAR && distance < nearest ? { distance, normal, local: add(from, along, distance), material } : null;
    },
  };
}

export function ball(middle: Vector, radius: number, material: Material): Solid {
  return {
    hit: (from, along, nearest) => {
      const out = add(from, middle, -1);
      const b = dot(out, along);
      const inside = b * b - dot(out, out) + radius * radius;
      if (inside < 0) return null;
      const distance = -b - Math.sqrt(inside);
      if (distance <= NEAR || distance >= nearest) return null;
      const local = add(out, along, distance);
      return { distance, normal: unit(local), local, material };
    },
  };
}

/** A block turned about its own middle: degrees about the upright, then backwards. @param size - cm each way */
export function block(middle: Vector, size: Vector, turn: number, lean: number, material: Material): Solid {
  const frame = frameOf(turn, lean);
  const half: Vector = [size[0] / 2, size[1] / 2, size[2] / 2];
  const [[ax, ay, az], [ux, uy, uz], [ox, oy, oz]] = frame;
  const [hx, hy, hz] = half;
  const [mx, my, mz] = middle;
  return {
    hit: (from, along, nearest) => {
      // One by one: taking arrays apart costs more than all the rest of this.
      const x = from[0] - mx;
      const y = from[1] - my;
      const z = from[2] - mz;
      const px = ax * x + ay * y + az * z;
      const py = ux * x + uy * y + uz * z;
      const pz = ox * x + oy * y + oz * z;
      const dx = ax * along[0] + ay * along[1] + az * along[2];
      const dy = ux * along[0] + uy * along[1] + uz * along[2];
      const dz = ox * along[0] + oy * along[1] + oz * along[2];
      const enterX = (-Math.sign(dx) * hx - px) / dx;
      const enterY = (-Math.sign(dy) * hy - py) / dy;
      const enterZ = (-Math.sign(dz) * hz - pz) / dz;
      const enter = Math.max(enterX, enterY, enterZ);
      if (!(enter > NEAR) || enter >= nearest) return null;
      const leave = Math.min((Math.sign(dx) * hx - px) / dx, (Math.sign(dy) * hy - py) / dy, (Math.sign(dz) * hz - pz) / dz);
      if (enter > leave) return null;
      const axis = enter === enterX ? 0 : enter === enterY ? 1 : 2;
      const side = [dx, dy, dz][axis]! > 0 ? -1 : 1;
      const normal = frame[axis];
      const local: Vector = [px + enter * dx, py + enter * dy, pz + enter * dz];
      return { distance: enter, normal: [side * normal[0], side * normal[1], side * normal[2]], local, material };
    },
  };
}

/** The directions across, up and out of something that is turned and leans back, degrees. */
export function frameOf(turn: number, lean: number): readonly [Vector, Vector, Vector] {
  const [t, l] = [(turn * Math.PI) / 180, (lean * Math.PI) / 180];
  const across: Vector = [Math.cos(t), 0, -Math.sin(t)];
  const out: Vector = [Math.sin(t) * Math.cos(l), Math.sin(l), Math.cos(t) * Math.cos(l)];
  return [across, cross(out, across), out];
}

/** The wall of an upright tube, and its lid. @param foot - the middle of its foot; @param sector - degrees to either side of the camera that it goes */
export function tube(foot: Vector, radius: number, height: number, material: Material, sector = 180): Solid {
  const most = (sector * Math.PI) / 180;
  return {
    hit: (from, along, nearest) => {
      const x = from[0] - foot[0];
      const z = from[2] - foot[2];
      const a = along[0] * along[0] + along[2] * along[2];
      const b = x * along[0] + z * along[2];
      const inside = b * b - a * (x * x + z * z - radius * radius);
      if (inside < 0) return null;
      const o = add(from, foot, -1);
      const distance = (-b - Math.sqrt(inside)) / a;
      const local = add(o, along, distance);
      const isOnWall = local[1] >= 0 && local[1] <= height && Math.abs(Math.atan2(local[0], local[2])) <= most;
      if (isOnWall && distance > NEAR && distance < nearest) {
        return { distance, normal: [local[0] / radius, 0, local[2] / radius], local, material };
      }
      return sector < 180 ? null : lid(o, along, radius, height, nearest, material);
    },
  };
}

function lid(o: Vector, along: Vector, radius: number, height: number, nearest: number, material: Material): Hit | null {
  if (along[1] >= 0) return null;
  const distance = (height - o[1]) / along[1];
  const local = add(o, along, distance);
  const isOnIt = local[0] ** 2 + local[2] ** 2 <= radius ** 2 && distance > NEAR && distance < nearest;
  return isOnIt ? { distance, normal: [0, 1, 0], local, material } : null;
}

/** A ring round the upright, such as the shoulder of a jar; found by steps along the ray. */
export function ring(middle: Vector, radius: number, thick: number, material: Material): Solid {
  const away = (p: Vector): number => Math.hypot(Math.hypot(p[0], p[2]) - radius, p[1]) - thick;
  return {
    hit: (from, along, nearest) => {
      const o = add(from, middle, -1);
      const reach = radius + thick;
      const b = dot(o, along);
      const inside = b * b - dot(o, o) + reach * reach;
      if (inside < 0) return null;
      let distance = Math.max(NEAR, -b - Math.sqrt(inside));
      const end = Math.min(nearest, -b + Math.sqrt(inside));
      for (let step = 0; step < 60 && distance < end; step++) {
        const p = add(o, along, distance);
        const gap = away(p);
        if (gap < 1e-4) {
          if (distance < 2e-3) return null;
          const across = Math.hypot(p[0], p[2]);
          const spoke = (across - radius) / across;
          return { distance, normal: unit([p[0] * spoke, p[1], p[2] * spoke]), local: p, material };
        }
        distance += gap;
      }
      return null;
    },
  };
}
