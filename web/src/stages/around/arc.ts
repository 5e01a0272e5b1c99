/** A ring sector as an SVG path: clock 0 is up, 90 to the right of the picture. */
export function toSector(clockFrom: number, clockTo: number, rFrom: number, rTo: number): string {
  const span = Math.min(359.9, clockTo - clockFrom);
  const at = (clock: number, r: number) => {
    const turn = (clock * Math.PI) / 180;
    return `${(r * Math.sin(turn)).toFixed(2)} ${(-r * Math.cos(turn)).toFixed(2)}`;
  };
  const large = span > 180 ? 1 : 0;
  const end = clockFrom + span;
  return (
    `M${at(clockFrom, rTo)} A${rTo} ${rTo} 0 ${large} 1 ${at(end, rTo)} ` +
    `L${at(end, rFrom)} A${rFrom} ${rFrom} 0 ${large} 0 ${at(clockFrom, rFrom)} Z`
  );
}
