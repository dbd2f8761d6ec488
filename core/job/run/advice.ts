import type { BoltFault } from '../facts/run';
import type { FastenerGroup } from '../../sheet/spec/fastening';
import type { TightenAct } from '../../tightening/tightenPlan';

/** What is done with a fastener that did not come out as asked; `words/` makes the sentence. */
export type Advice =
  /** Stretched past use: out, and a new one in. */
  | 'replace'
  /** Out, thread and hole cleaned and looked at, treated anew, pulled again. */
  | 'clean-and-pull'
  /** Pulled once more as it is. */
  | 'pull-again'
  /** Eased and pulled again to its value. */
  | 'ease-and-pull'
  /** Let off, seat and jack looked at, tensioned again. */
  | 'tension-again'
  /** Its thread or its hole gives: out, and looked at before anything is pulled. */
  | 'look-at-thread';

/**
 * What to do, by what happened and by the kind of fastener. What has been turned into its stretch is
 * never turned further and never used again.
 * @param turned it has been turned by an angle in this programme already
 */
export function adviceFor(
  fault: BoltFault,
  group: Pick<FastenerGroup, 'stretch' | 'uses'> | undefined,
  { kind, turned }: { readonly kind: TightenAct['kind']; readonly turned: boolean },
): Advice {
  const spent = group?.stretch === true && (turned || kind === 'angle');
  switch (fault) {
    case 'odd-travel':
      return 'tension-again';
    case 'slipped':
      if (kind === 'hydraulic' || kind === 'hydraulic-check') return 'tension-again';
      // Where an angle was lost, how far it went is not known any more.
      return spent ? 'replace' : 'pull-again';
    case 'moved-early':
      if (kind === 'hydraulic-check') return 'tension-again';
      return kind === 'check' ? 'ease-and-pull' : 'clean-and-pull';
    case 'over':
      if (kind === 'hydraulic' || kind === 'hydraulic-check') return 'tension-again';
      return group?.stretch === true ? 'replace' : 'ease-and-pull';
    case 'felt-soft':
      return spent ? 'replace' : 'look-at-thread';
    case 'did-not-reach':
      if (kind === 'hydraulic' || kind === 'hydraulic-check') return 'tension-again';
      return spent ? 'replace' : 'clean-and-pull';
  }
}

/** What can happen at a pull of each kind. */
export function faultsOf(kind: TightenAct['kind']): readonly BoltFault[] {
  switch (kind) {
    case 'torque':
      return ['did-not-reach', 'moved-early', 'felt-soft', 'slipped', 'over'];
    case 'check':
      return ['moved-early', 'did-not-reach', 'slipped', 'over'];
    case 'angle':
      return ['did-not-reach', 'felt-soft', 'slipped', 'over'];
    case 'hydraulic':
      return ['did-not-reach', 'over', 'odd-travel', 'slipped'];
    case 'hydraulic-check':
      return ['moved-early', 'did-not-reach', 'over'];
    case 'draw-down':
    case 'slacken':
    case 'turn-crank':
    case 'wait':
      return ['did-not-reach', 'slipped'];
  }
}
