/**
 * What the graphics processor runs for the solid. Meshes stay as they are: a moment of the cook is a block of bytes, read
 * where a pixel lies.
 */

/** Reads the blocks at a point of the bird, and says what a cut takes away. */
const SHARED = /* glsl */ `
precision highp float;
precision highp sampler3D;
uniform sampler3D uHeat;
uniform vec3 uHeatOrigin;
uniform vec3 uHeatSize;
uniform float uHeatStep;
uniform bool uMirrored;
uniform sampler3D uDistances;
uniform vec3 uDistanceOrigin;
uniform vec3 uDistanceSize;
uniform float uDistanceStep;
uniform float uMostDistance;
uniform bool uIsCut;
uniform vec4 uKept;
uniform float uTargetC;
uniform float uLowC;
uniform float uHighC;
uniform float uMostBrowning;
uniform sampler2D uBands;
uniform sampler2D uSkinTones;
uniform vec3 uInk;

vec3 at(vec3 p, vec3 origin, vec3 size, float step, bool mirrored) {
  vec3 q = vec3(mirrored ? abs(p.x) : p.x, p.yz);
  return ((q - origin) / step + 0.5) / size;
}
vec2 heat(vec3 p) { return texture(uHeat, at(p, uHeatOrigin, uHeatSize, uHeatStep, uMirrored)).rg; }
float celsius(vec2 read) { return mix(uLowC, uHighC, read.r); }
vec2 distances(vec3 p) {
  vec3 place = at(p, uDistanceOrigin, uDistanceSize, uDistanceStep, true);
  return (texture(uDistances, place).rg * 2.0 - 1.0) * uMostDistance;
}
bool isCutAway(vec3 p) { return uIsCut && dot(uKept.xyz, p) > uKept.w; }
/** How much a value changes from one pixel to the next. */
float slopeOf(float value) { return max(length(vec2(dFdx(value), dFdy(value))), 1e-6); }
vec3 bandOf(float c) {
  float share = clamp((c - uLowC) / (uHighC - uLowC), 0.0, 0.999);
  return texture(uBands, vec2(share, 0.5)).rgb;
}
vec3 lit(vec3 tone, vec3 normal, vec3 towardsEye) {
  vec3 light = normalize(towardsEye + vec3(0.0, 0.0, 0.9));
  float falls = max(0.0, dot(normal, light));
  float sky = 0.5 + 0.5 * normal.z;
  return tone * (0.38 + 0.2 * sky + 0.52 * falls);
}
`;

export const VERTEX = /* glsl */ `
out vec3 vPoint;
out vec3 vNormal;
void main() {
  vPoint = position;
  vNormal = normal;
  gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
}`;

/** The skin: raw to cooked by its temperature, then as it browns; see-through where what is inside is looked at. */
export const SKIN = /* glsl */ `
${SHARED}
uniform bool uIsGhost;
in vec3 vPoint;
in vec3 vNormal;
out vec4 colour;
void main() {
  if (isCutAway(vPoint)) discard;
  vec3 normal = normalize(vNormal);
  vec3 eye = normalize(cameraPosition - vPoint);
  if (uIsGhost) {
    float rim = 1.0 - abs(dot(normal, eye));
    colour = vec4(uInk, 0.05 + 0.45 * rim * rim * rim);
    return;
  }
  vec2 read = heat(vPoint - 0.5 * uHeatStep * normal);
  float browning = read.g * uMostBrowning;
  vec3 raw = texture(uSkinTones, vec2(0.02, 0.5)).rgb;
  vec3 tone = texture(uSkinTones, vec2(0.1 + 0.88 * clamp(browning / uMostBrowning, 0.0, 1.0), 0.5)).rgb;
  tone = mix(raw, tone, smoothstep(45.0, 70.0, celsius(read)));
  float shine = pow(max(0.0, dot(reflect(-normalize(eye + vec3(0.0, 0.0, 0.9)), normal), eye)), 24.0);
  colour = vec4(lit(tone, normal, eye) + 0.12 * shine, 1.0);
}`;

export const BONES = /* glsl */ `
${SHARED}
in vec3 vPoint;
in vec3 vNormal;
out vec4 colour;
void main() {
  // A bone's end that stands out of the meat is under the skin of a true bird.
  if (isCutAway(vPoint) || distances(vPoint).x > 0.0) discard;
  colour = vec4(lit(vec3(0.93, 0.9, 0.83), normalize(vNormal), normalize(cameraPosition - vPoint)), 1.0);
}`;

/** The face of a cut: isotherm bands as on any cut of ours, bone, the target's line, and an outline. */
export const FACE = /* glsl */ `
${SHARED}
in vec3 vPoint;
in vec3 vNormal;
out vec4 colour;
void main() {
  vec2 away = distances(vPoint);
  if (away.x > 0.0) discard;
  float c = celsius(heat(vPoint));
  vec3 tone = away.y < 0.0 ? vec3(0.95, 0.93, 0.88) : bandOf(c);
  float off = abs(c - uTargetC) / slopeOf(c);
  if (away.y >= 0.0) {
    tone = mix(vec3(1.0), tone, smoothstep(3.0, 4.5, off));
    tone = mix(uInk, tone, smoothstep(1.0, 2.2, off));
  }
  tone = mix(uInk, tone, smoothstep(0.8, 2.0, abs(away.y) / slopeOf(away.y)));
  tone = mix(uInk, tone, smoothstep(2.0, 3.5, -away.x / slopeOf(away.x)));
  colour = vec4(tone, 1.0);
}`;

/** What is still under the target, seen through the skin: marched through the blocks from the eye on. */
export const UNDER_TARGET = /* glsl */ `
${SHARED}
uniform vec3 uBoxLow;
uniform vec3 uBoxHigh;
uniform mat4 uViewProjection;
in vec3 vPoint;
in vec3 vNormal;
out vec4 colour;
uniform float uMarch;
/** How far to go on from a point: through air as far as it is clear, through meat step by step; 0 where it is under the target. */
float onwards(vec3 p) {
  float air = distances(p).x;
  if (air > 0.0) return max(air, uMarch);
  if (isCutAway(p)) return uMarch;
  return celsius(heat(p)) < uTargetC ? 0.0 : uMarch;
}
float warmth(vec3 p) { return celsius(heat(p)); }
void main() {
  vec3 way = normalize(vPoint - cameraPosition);
  vec3 a = (uBoxLow - cameraPosition) / way;
  vec3 b = (uBoxHigh - cameraPosition) / way;
  vec3 low = min(a, b);
  vec3 high = max(a, b);
  float from = max(0.0, max(low.x, max(low.y, low.z)));
  float to = min(high.x, min(high.y, high.z));
  float reached = from;
  float outside = from;
  bool isThere = false;
  for (int n = 0; n < 120 && reached <= to; n++) {
    float further = onwards(cameraPosition + reached * way);
    if (further == 0.0) { isThere = true; break; }
    outside = reached;
    reached += further;
  }
  if (!isThere) discard;
  for (int n = 0; n < 4; n++) {
    float middle = 0.5 * (outside + reached);
    if (onwards(cameraPosition + middle * way) == 0.0) reached = middle; else outside = middle;
  }
  vec3 p = cameraPosition + reached * way;
  float h = 1.2 * uHeatStep;
  vec3 uphill = vec3(
    warmth(p + vec3(h, 0.0, 0.0)) - warmth(p - vec3(h, 0.0, 0.0)),
    warmth(p + vec3(0.0, h, 0.0)) - warmth(p - vec3(0.0, h, 0.0)),
    warmth(p + vec3(0.0, 0.0, h)) - warmth(p - vec3(0.0, 0.0, h)));
  vec3 normal = uIsCut && dot(uKept.xyz, p) > uKept.w - 0.001 ? uKept.xyz : normalize(uphill + 1e-5);
  colour = vec4(lit(bandOf(warmth(p) - 0.5), normal, -way), 1.0);
  vec4 clip = uViewProjection * vec4(p, 1.0);
  gl_FragDepth = 0.5 + 0.5 * clip.z / clip.w;
}`;

/** Lines and stems: one colour, paler where they run inside the meat. */
export const PLAIN = /* glsl */ `
precision highp float;
uniform vec4 uColour;
in vec3 vPoint;
in vec3 vNormal;
out vec4 colour;
void main() { colour = uColour; }`;
