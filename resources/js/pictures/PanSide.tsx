interface Measures {
  base_cm: number;
  rim_cm: number;
  height_cm: number;
}

/** A pan from the side, to scale, with its fill line 15 mm under the rim. */
export function PanSide({ pan, scale, height }: { pan: Measures; scale: number; height: number }) {
  const base = pan.base_cm * scale;
  const rim = pan.rim_cm * scale;
  const tall = pan.height_cm * scale;
  const width = rim + 8;
  const middle = width / 2;
  const floor = height - 3;
  const fill = Math.max(0, pan.height_cm - 1.5) / pan.height_cm;
  const at = base + (rim - base) * fill;
  return (
    <svg width={width} height={height} aria-hidden="true" className="block">
      <path
        d={`M${middle - at / 2} ${floor - tall * fill} L${middle - base / 2} ${floor} H${middle + base / 2} L${middle + at / 2} ${floor - tall * fill} Z`}
        fill="var(--color-grain)"
      />
      <path
        d={`M${middle - rim / 2} ${floor - tall} L${middle - base / 2} ${floor} H${middle + base / 2} L${middle + rim / 2} ${floor - tall}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={3}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
