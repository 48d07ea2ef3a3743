export { chooseContainers, type Choice } from './containers.ts';
export { DEFAULT_ORDER, orderSchema, type OrderDoc } from './schema.ts';
export { takeoff, type OrderLine, type Pack, type Takeoff } from './takeoff.ts';
