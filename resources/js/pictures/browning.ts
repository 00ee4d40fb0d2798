import { scaleLinear } from 'd3-scale';
import { t } from '../words/messages';

/** Browning in minutes at 150 °C, as the floor of the pan shows it: pale, gold at 1, dark at 2.5, burnt at 4.5. */
export const tint = scaleLinear<string>()
  .domain([0, 0.5, 1, 2.5, 4.5])
  .range(['#f3e8c6', '#e8c878', '#c98a1b', '#74400f', '#191310'])
  .clamp(true);

export function looks(browning: number): string {
  return browning < 0.5
    ? t('pictures.browning.pale')
    : browning < 2.5
      ? t('common.gold')
      : browning < 4.5
        ? t('common.dark')
        : t('common.burnt');
}
