import { t } from '../../words/messages';
import { useSize } from '../useSize';
import { Base, type BeforeTheLiquid } from './Base';
import { Dips, type Dip } from './Dips';
import { Drops, DropsToCome } from './Drops';
import { Flag, fitsBeside } from './Flag';
import { frameOf } from './frame';
import { Heat } from './Heat';
import type { Poured } from './legible';
import { Liquid } from './Liquid';
import { Minutes } from './Minutes';
import { Graduation } from './Graduation';
import { Right } from './Right';

export interface Run {
  min: number[];
  free_g: number[];
}

export interface GrainClockProps {
  label: string;
  height: number;
  /** Liquid as planned. */
  planned: Run;
  plannedPours: Poured[];
  /** Liquid as the engine makes it of what was poured. */
  happened?: Run | null;
  happenedPours?: Poured[];
  /** Liquid as it will be, from the last touch on. */
  forecast?: Run | null;
  heat: { from_min: number; setting: string; net_w: number }[];
  /** Net power of the strongest mark, W: the top of the heat lane. */
  strongest?: number;
  /** What is done before the first liquid. */
  base?: BeforeTheLiquid[];
  /** Where the pan is off its boil. */
  dips?: Dip[];
  /** Minutes of the cook between which the bite is right. */
  window?: [number, number] | null;
  pull: number | null;
  table: number | null;
  now?: number | null;
  /** The kitchen's clock at a minute of the cook. */
  clockAt?: (minute: number) => string;
  ground?: 'paper' | 'iron';
  size?: 'full' | 'strip' | 'thumb';
}

/**
 * One cook on one time axis: doses as drops, the liquid between the grains as it rises and falls, the heat as a
 * stepped track, the window as a band. Every shape is a number of the engine.
 */
export function GrainClock(props: GrainClockProps) {
  const [frame, { width }] = useSize<HTMLDivElement>();
  return (
    <div ref={frame} className="w-full" style={{ height: props.height }}>
      {width > 0 && <Drawing {...props} width={width} />}
    </div>
  );
}

function Drawing({ width, ...props }: GrainClockProps & { width: number }) {
  const {
    label,
    height,
    planned,
    plannedPours,
    happened = null,
    happenedPours = [],
    forecast = null,
    base = [],
    dips = [],
  } = props;
  const { heat, window: right = null, pull, table, now = null, clockAt } = props;
  const frame = frameOf(props, width);
  const { x, full, thumb } = frame;
  const pours = happened ? happenedPours : plannedPours;
  const biggest = Math.max(1, ...[...plannedPours, ...pours].map((pour) => pour.volume_ml));
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      {right && <Right frame={frame} from={right[0]} to={right[1]} />}
      {full && <Graduation frame={frame} />}
      <Liquid frame={frame} planned={planned} happened={happened} forecast={forecast} now={now} />
      <Base frame={frame} parts={base} />
      <Dips frame={frame} dips={dips} />
      <Drops frame={frame} pours={pours} biggest={biggest} />
      {happened && now !== null && (
        <DropsToCome
          frame={frame}
          pours={plannedPours.filter((pour) => pour.minute > now)}
          biggest={biggest}
        />
      )}
      <Heat frame={frame} heat={heat} end={pull ?? frame.last} />
      {full && <Minutes frame={frame} {...(clockAt ? { clockAt } : {})} />}
      {pull !== null && <Flag frame={frame} at={x(pull)} text={t('common.pull')} />}
      {table !== null && !thumb && (
        <Flag
          frame={frame}
          at={x(table)}
          text={t('common.table')}
          above={pull !== null && !fitsBeside(t('common.table'), x(table) - x(pull))}
        />
      )}
      {now !== null && (
        <line x1={x(now)} x2={x(now)} y1={2} y2={height - 2} stroke="var(--color-saffron)" strokeWidth={4} />
      )}
    </svg>
  );
}
