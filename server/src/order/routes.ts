import { orderSchema } from '@lentum/core/order';
import { documentRoutes } from '../jobs/documentroutes.ts';

export const orderRoutes = documentRoutes({
  kind: 'order',
  tag: 'Order',
  name: 'The order',
  schema: orderSchema,
});
