import { describe, expect, it } from 'vitest';
import { cautionsOfRung } from './cautionsOfRung';

const rung = (methodId: string, cautionIds: string[] = []): Parameters<typeof cautionsOfRung>[0] => ({ methodId, cautionIds });

describe('the cautions of a rung', () => {
  it('are those of its method and its product as they are now, and its own, each once', () => {
    expect(cautionsOfRung(rung('sprayCoat'), { classId: 'lacquerColour' }, 'rigid')).toContain('solventSpray');
    expect(cautionsOfRung(rung('sprayCoat', ['sharp', 'solventSpray']), { classId: 'lacquerColour' }, 'rigid').sort()).toEqual(
      [...new Set([...cautionsOfRung(rung('sprayCoat'), { classId: 'lacquerColour' }, 'rigid'), 'sharp'])].sort(),
    );
  });
  it('tell dust of resin from dust, whenever the material was said, and from a rung that says it itself', () => {
    expect(cautionsOfRung(rung('sand'), null, 'resin')).toEqual(['resinDust']);
    expect(cautionsOfRung(rung('sand', ['dust']), null, 'resin')).toEqual(['resinDust']);
    expect(cautionsOfRung(rung('sand', ['resinDust']), null, 'rigid')).toEqual(['dust']);
  });
  it('of glue stand in for those of gluing', () => {
    const [glued, bare] = [cautionsOfRung(rung('bond'), { classId: 'epoxyGlue' }, 'rigid'), cautionsOfRung(rung('bond'), null, 'rigid')];
    expect(glued).toContain('epoxy');
    expect(bare.length).toBeGreaterThan(0);
  });
});
