export {
  AIR_RANGE,
  checkAir,
  dewMarginFigure,
  dewPoint,
  dewPointFigure,
  MAGNUS,
  saturationHPa,
} from './humidair.ts';
