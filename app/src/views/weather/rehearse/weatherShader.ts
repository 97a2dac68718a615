import { THICKNESSES } from '@zinc-ladder/core/weather/seen/bands';
import { TURNED_LATTICE } from '@zinc-ladder/core/weather/places/noise';
import { RUN_LENGTH, SCRATCH_LENGTH } from '@zinc-ladder/core/weather/deposit/markNoise';
import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import { FLAKE_ANGLES, FLAKE_LIGHTNESSES, PASS_TEXELS } from './packPasses';

const f = (value: number): string => (Number.isInteger(value) ? `${value}.0` : String(value));

/** Corners of the surface, with what weather meets there. */
export const VERTEX_SHADER = `
in vec4 meets;
in float wetness;
in float regions;
out vec3 vPlace;
out vec3 vNormal;
out vec4 vMeets;
out float vWet;
flat out float vRegions;
void main() {
  vPlace = position;
  vNormal = normal;
  vMeets = meets;
  vWet = wetness;
  vRegions = regions;
  gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
}`;

/**
 * The rehearsal on the graphics card: the same noise, deposits and films as core/src/weather has them, pixel by pixel, so that marks are sharp and a
 * slider moves them at once. Figures never come from here.
 */
export const FRAGMENT_SHADER = `
precision highp float;
precision highp int;
in vec3 vPlace;
in vec3 vNormal;
in vec4 vMeets;
in float vWet;
flat in float vRegions;
out vec4 shown;
uniform int passCount;
uniform float splitAt;
uniform vec3 up;
uniform vec3 scratchOne;
uniform vec3 scratchOther;
uniform vec3 throwAxis[3];
uniform vec3 lampFrom;
uniform vec3 eye;
uniform float mirrored;
uniform float baseSheen;
uniform vec4 baseBody[${3 * (MOST_COLOUR_REGIONS + 1)}];
uniform int regionCount;
uniform vec4 regionAt[${MOST_COLOUR_REGIONS}];
uniform vec4 stencilRight[${MOST_COLOUR_REGIONS}];
uniform vec3 stencilUpright[${MOST_COLOUR_REGIONS}];
uniform mediump sampler2DArray stencils;
uniform vec4 toRed[3];
uniform vec4 toGreen[3];
uniform vec4 toBlue[3];
uniform highp sampler2D passData;
uniform highp sampler2D filmData;
uniform highp sampler2D shareData;
uniform int baseMetals;
uniform highp sampler2D flakeData;

float hashShare(ivec3 cell, int seed) {
  uint mixed = (uint(cell.x) * 0x9e3779b1u) ^ (uint(cell.y) * 0x85ebca6bu) ^ (uint(cell.z) * 0xc2b2ae35u) ^ (uint(seed) * 0x27d4eb2fu);
  uint h = (mixed ^ (mixed >> 15)) * 0x2c1b3c6du;
  h = (h ^ (h >> 12)) * 0x297a2d39u;
  h = h ^ (h >> 15);
  return float(h) / 4294967296.0;
}

float valueNoise(vec3 p, int seed) {
  vec3 low = floor(p);
  ivec3 c = ivec3(low);
  vec3 t = p - low;
  vec3 b = t * t * t * (t * (t * 6.0 - 15.0) + 10.0);
  float near = mix(
    mix(hashShare(c, seed), hashShare(c + ivec3(1, 0, 0), seed), b.x),
    mix(hashShare(c + ivec3(0, 1, 0), seed), hashShare(c + ivec3(1, 1, 0), seed), b.x), b.y);
  float far = mix(
    mix(hashShare(c + ivec3(0, 0, 1), seed), hashShare(c + ivec3(1, 0, 1), seed), b.x),
    mix(hashShare(c + ivec3(0, 1, 1), seed), hashShare(c + ivec3(1, 1, 1), seed), b.x), b.y);
  return mix(near, far, b.z);
}

float shareOf(float value, int row) {
  float at = clamp(value * 1024.0, 0.0, 1023.999);
  int step = int(at);
  float low = texelFetch(shareData, ivec2(step, row), 0).r;
  float high = texelFetch(shareData, ivec2(step + 1, row), 0).r;
  return mix(low, high, at - float(step));
}

vec3 turned(vec3 p) {
  return vec3(
    dot(p, vec3(${TURNED_LATTICE[0].map(f).join(', ')})),
    dot(p, vec3(${TURNED_LATTICE[1].map(f).join(', ')})),
    dot(p, vec3(${TURNED_LATTICE[2].map(f).join(', ')})));
}

float cloud(vec3 p, float size, int seed) {
  vec3 q = turned(p) / size;
  float sum = 4.0 * valueNoise(q, seed)
    + 2.0 * valueNoise(q * 2.03 + vec3(0.0, 17.3, 0.0), seed + 101)
    + valueNoise(q * 4.1209 + vec3(0.0, 34.6, 0.0), seed + 202);
  return shareOf(sum / 7.0, 0);
}

float stretched(vec3 p, vec3 along, float size, float times, int seed) {
  return cloud(p + along * (dot(p, along) * (1.0 / times - 1.0)), size, seed);
}

float sizes(vec3 p, float size, int seed) {
  float least = 1.0;
  float octave = 2.0 * size;
  for (int step = 0; step < 4; step += 1) {
    least = min(least, shareOf(valueNoise(turned(p) / octave, seed + 211 * step), 1));
    octave *= 0.5;
  }
  return 1.0 - pow(1.0 - least, 4.0);
}

float drops(vec3 p, vec3 n, float size, int seed) {
  if (dot(n, throwAxis[0]) >= 0.0) return 1.0;
  vec2 q = vec2(dot(p, throwAxis[1]), dot(p, throwAxis[2]));
  float least = 1.0;
  for (int grid = 0; grid < 3; grid += 1) {
    float median = size * 0.5 * pow(2.0, float(grid) * 0.5);
    float cell = 4.0 * size * pow(2.0, float(grid));
    ivec2 c = ivec2(floor(q / cell));
    for (int dx = -1; dx <= 1; dx += 1)
      for (int dy = -1; dy <= 1; dy += 1)
        for (int drop = 0; drop < 2; drop += 1) {
          int id = (grid * 2 + drop) * 8;
          ivec2 own = c + ivec2(dx, dy);
          float threshold = hashShare(ivec3(own, id), seed);
          if (threshold >= least) continue;
          vec2 centre = (vec2(own) + vec2(hashShare(ivec3(own, id + 1), seed), hashShare(ivec3(own, id + 2), seed))) * cell;
          float normal = sqrt(-2.0 * log(1.0 - hashShare(ivec3(own, id + 3), seed))) * cos(6.28318530718 * hashShare(ivec3(own, id + 4), seed));
          float radius = min(cell, median * exp(0.5 * normal));
          vec2 away = q - centre;
          if (dot(away, away) <= radius * radius) least = threshold;
        }
  }
  return least;
}

float flakeTexel(float row, float column) {
  ivec2 low = ivec2(int(column), int(row));
  ivec2 high = min(low + 1, ivec2(${FLAKE_ANGLES + 2}, ${FLAKE_LIGHTNESSES - 1}));
  vec2 t = vec2(column, row) - vec2(low);
  return mix(
    mix(texelFetch(flakeData, low, 0).r, texelFetch(flakeData, ivec2(high.x, low.y), 0).r, t.x),
    mix(texelFetch(flakeData, ivec2(low.x, high.y), 0).r, texelFetch(flakeData, high, 0).r, t.x), t.y);
}

float lightnessRow(float luminance) {
  float lightness = luminance > 0.008856 ? 116.0 * pow(luminance, 1.0 / 3.0) - 16.0 : 903.3 * luminance;
  return clamp(lightness * ${f(FLAKE_LIGHTNESSES / 100)} - 1.0, 0.0, ${f(FLAKE_LIGHTNESSES - 1)});
}

bool isMetal(float bits, int region) { return ((int(bits + 0.5) >> region) & 1) == 1; }

vec4 passTexel(int pass, int at) { return texelFetch(passData, ivec2(at, pass), 0); }

float filmOf(int pass, vec3 p, vec3 n, float c, float k, float rain, float held, float wet) {
  vec4 a = passTexel(pass, 0);
  vec4 b = passTexel(pass, 1);
  float amount = a.z;
  if (amount <= 0.0) return 0.0;
  float size = b.x;
  int seed = int(b.y);
  float film = b.z;
  float rim = b.w;
  float up_ = dot(n, up);
  int pattern = int(a.y);
  float noise;
  if (pattern == 1) noise = sizes(p, size, seed);
  else if (pattern == 2) noise = stretched(p, up, size, ${f(RUN_LENGTH)}, seed);
  else if (pattern == 3) {
    float least = min(stretched(p, scratchOne, size, ${f(SCRATCH_LENGTH)}, seed), stretched(p, scratchOther, size, ${f(SCRATCH_LENGTH)}, seed + 17));
    noise = 1.0 - (1.0 - least) * (1.0 - least);
  } else if (pattern == 4) noise = drops(p, n, size, seed);
  else noise = cloud(p, size, seed);
  vec4 d = passTexel(pass, 2);
  if (a.x < 0.5) {
    float pool = d.x + d.y * c * sqrt(c) + d.z * max(0.0, -k);
    float open = (1.0 - c) * (1.0 - c) * (1.0 + 2.0 * max(0.0, k)) * (1.0 - min(1.0, 3.0 * max(0.0, -k)));
    return amount * pool * exp(-6.0 * a.w * open) * (0.7 + 0.6 * noise);
  }
  if (a.x > 1.5) {
    vec4 v = passTexel(pass, 6);
    float reach = 1.0;
    float cover = c;
    if (v.z < 0.5) reach = up_ > 0.0 ? up_ * sqrt(up_) : 0.0;
    else if (v.z < 1.5) { reach = clamp(0.5 - up_, 0.0, 1.0); cover = 1.0 - rain; }
    else if (v.z < 2.5) reach = held;
    return film * amount * reach * (1.0 - v.w + v.w * cover) * (0.8 + 0.4 * noise);
  }
  vec4 g = passTexel(pass, 3);
  vec4 e = passTexel(pass, 4);
  vec4 r = passTexel(pass, 5);
  vec4 x = passTexel(pass, 6);
  float share = g.x;
  if (e.z > 0.0) share += e.z * smoothstep(e.x, e.y, k);
  if (r.z > 0.0) share += r.z * smoothstep(r.x, r.y, abs(k));
  share += g.y * c + g.z * held + g.w * wet + e.w * max(0.0, up_) + r.w * (1.0 - rain) * clamp(0.5 - up_, 0.0, 1.0);
  if (x.x > 0.5) share *= smoothstep(0.1, 0.6, 1.0 - abs(up_)) * (0.3 + 0.7 * rain);
  share *= 1.0 - x.y * min(1.0, 2.0 * c);
  share = min(1.0, amount * min(1.0, share));
  if (share <= 0.0) return 0.0;
  if (rim == 0.0) return noise < share ? film : 0.0;
  return film * smoothstep(0.0, rim, share * (1.0 + rim * 0.5) - noise);
}

bool isOpen(int region, vec3 away, vec3 n) {
  vec3 right = stencilRight[region].xyz;
  vec3 upright = stencilUpright[region];
  if (stencilRight[region].w == 0.0) return true;
  if (dot(n, cross(right, upright)) <= 0.0) return false;
  vec2 at = 0.5 + vec2(dot(away, right), dot(away, upright));
  return all(lessThan(abs(at - 0.5), vec2(0.5))) && textureLod(stencils, vec3(at, float(region)), 0.0).r >= 0.5;
}

int regionOf(vec3 p, vec3 n) {
  int bits = int(vRegions + 0.5);
  for (int region = regionCount - 1; region >= 0; region -= 1) {
    vec4 at = regionAt[region];
    if (((bits >> region) & 1) == 1 && (at.w < 0.0 || distance(p, at.xyz) <= at.w) && isOpen(region, p - at.xyz, n)) return region + 1;
  }
  return 0;
}

void main() {
  vec3 n = normalize(vNormal);
  int region = regionOf(vPlace, n);
  float c = vMeets.x;
  float k = (vMeets.y * 255.0 - 128.0) / 127.0;
  vec4 body0 = baseBody[region * 3];
  vec4 body1 = baseBody[region * 3 + 1];
  vec4 body2 = baseBody[region * 3 + 2];
  float sheen = baseSheen;
  float metal = isMetal(float(baseMetals), region) ? 1.0 : 0.0;
  int passes = gl_FragCoord.x < splitAt ? 0 : passCount;
  for (int pass = 0; pass < passes; pass += 1) {
    float coats = filmOf(pass, vPlace, n, c, k, vMeets.z, vMeets.w, vWet);
    if (coats <= 0.0) continue;
    float at = min(${f(THICKNESSES - 1)} - 0.0001, sqrt(coats / passTexel(pass, 2).w) * ${f(THICKNESSES - 1)});
    int step = int(at);
    float t = at - float(step);
    vec4 last = passTexel(pass, ${PASS_TEXELS - 1});
    int film = int(last.y + 0.5) + (last.z > 0.5 ? region : 0);
    vec4 back[3];
    vec4 through[3];
    for (int part = 0; part < 3; part += 1) {
      back[part] = mix(texelFetch(filmData, ivec2(step, film * 6 + part), 0), texelFetch(filmData, ivec2(step + 1, film * 6 + part), 0), t);
      through[part] = mix(texelFetch(filmData, ivec2(step, film * 6 + 3 + part), 0), texelFetch(filmData, ivec2(step + 1, film * 6 + 3 + part), 0), t);
    }
    body0 = back[0] + through[0] * body0 / (1.0 - back[0] * body0);
    body1 = back[1] + through[1] * body1 / (1.0 - back[1] * body1);
    body2 = back[2] + through[2] * body2 / (1.0 - back[2] * body2);
    sheen = mix(sheen, last.x, 1.0 - exp(-2.0 * coats));
    float own = clamp(dot(back[1], vec4(1.0)) / max(1e-6, dot(body1, vec4(1.0))), 0.0, 1.0);
    metal = mix(metal, isMetal(last.w, region) ? 1.0 : 0.0, own);
  }
  float leaves = (1.0 - mirrored) * 0.4;
  vec4 seen0 = mirrored + leaves * body0 / (1.0 - 0.6 * body0);
  vec4 seen1 = mirrored + leaves * body1 / (1.0 - 0.6 * body1);
  vec4 seen2 = mirrored + leaves * body2 / (1.0 - 0.6 * body2);
  vec3 colour = vec3(
    dot(toRed[0], seen0) + dot(toRed[1], seen1) + dot(toRed[2], seen2),
    dot(toGreen[0], seen0) + dot(toGreen[1], seen1) + dot(toGreen[2], seen2),
    dot(toBlue[0], seen0) + dot(toBlue[1], seen1) + dot(toBlue[2], seen2));
  float lit = max(0.0, dot(n, lampFrom));
  vec3 towardsEye = normalize(eye - vPlace);
  vec3 half_ = normalize(lampFrom + towardsEye);
  float shine = pow(max(0.0, dot(n, half_)), mix(6.0, 90.0, sheen)) * mix(0.02, 0.35, sheen) * step(0.0, dot(n, lampFrom));
  float round_ = 0.33 + 0.11 * dot(n, up);
  float turned_ = 1.0;
  if (metal > 0.0) {
    // Flakes throw back most of what comes from where a mirror would look; what they are read at is seen 45° from there.
    float row = lightnessRow(dot(max(vec3(0.0), colour), vec3(0.2126, 0.7152, 0.0722)));
    float away = degrees(acos(clamp(dot(reflect(-lampFrom, n), towardsEye), -1.0, 1.0)));
    float flakes = 0.33 * flakeTexel(row, ${f(FLAKE_ANGLES + 1)}) + 0.11 * flakeTexel(row, ${f(FLAKE_ANGLES + 2)}) * dot(reflect(-towardsEye, n), up);
    round_ = mix(round_, flakes, metal);
    turned_ = mix(1.0, flakeTexel(row, away * ${f(FLAKE_ANGLES / 180)}), metal);
  }
  vec3 light = max(vec3(0.0), colour) * (round_ + 0.75 * lit * turned_) * (1.0 - 0.35 * c) + shine * (1.0 - metal);
  // What is brighter than the screen keeps its hue and pales by a part of what is cut off.
  float over = max(1.0, max(light.r, max(light.g, light.b)));
  vec3 cut = mix(clamp(light / over, 0.0, 1.0), vec3(1.0), 0.35 * (1.0 - 1.0 / over));
  shown = vec4(mix(12.92 * cut, 1.055 * pow(cut, vec3(1.0 / 2.4)) - 0.055, step(0.0031308, cut)), 1.0);
}`;
