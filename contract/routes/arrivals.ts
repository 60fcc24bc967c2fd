import { arrivalsRequestShape, arrivalsShape } from '../arrivals'
import { ordersShape, triedShape, tryOrderShape } from '../order'
import { endpoint } from './route'

export const arrivalsRoutes = {
  takeArrivals: endpoint({
    method: 'POST',
    path: '/api/arrivals/{device}',
    summary: 'Take in what a simulated device or service has: mailbox, colleague',
    signedIn: true,
    body: arrivalsRequestShape,
    reply: arrivalsShape,
  }),
  listOrders: endpoint({
    method: 'GET',
    path: '/api/orders',
    summary: 'Standing orders, in the order in which they are asked',
    signedIn: true,
    reply: ordersShape,
  }),
  tryOrder: endpoint({
    method: 'POST',
    path: '/api/orders/try',
    summary: 'What an order would have done with the last arrivals',
    signedIn: true,
    body: tryOrderShape,
    reply: triedShape,
  }),
}
