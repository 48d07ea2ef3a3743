/** Measurements of the server, by prom-client: requests by address, the pool, open streams, the process itself. */
import { createServer, type Server } from 'node:http';
import type { RequestHandler } from 'express';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import type { Pool } from 'pg';

/** Seconds. */
const BUCKETS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10, 30];

/** What is measured from outside. */
export interface Measured {
  readonly pool: Pool;
  /** How many streams are open. */
  readonly streams: () => number;
}

export class Metrics {
  readonly registry = new Registry();
  private readonly requests = new Histogram({
    name: 'lentum_http_request_seconds',
    help: 'How long requests took, by what they asked and how they were answered',
    labelNames: ['method', 'route', 'status'] as const,
    buckets: BUCKETS,
    registers: [this.registry],
  });

  constructor({ pool, streams }: Measured) {
    collectDefaultMetrics({ register: this.registry });
    const gauge = (name: string, help: string, now: () => number): void => {
      // It registers itself.
      new Gauge({
        ...{ name, help, registers: [this.registry] },
        collect() {
          this.set(now());
        },
      });
    };
    gauge('lentum_pool_connections', 'Connections to the database', () => pool.totalCount);
    gauge('lentum_pool_idle', 'Connections that nobody uses', () => pool.idleCount);
    gauge('lentum_pool_waiting', 'Requests that wait for a connection', () => pool.waitingCount);
    gauge('lentum_streams', 'Streams that are open', streams);
  }

  /** Measures each request under the pattern of its address: ids would make a series of each. */
  readonly measure: RequestHandler = (req, res, next) => {
    const end = this.requests.startTimer();
    res.once('close', () => {
      const route = (res.locals as { route?: string }).route ?? 'other';
      end({ method: req.method, route, status: String(res.statusCode) });
    });
    next();
  };

  /** A server of its own on this machine alone: what it tells is nobody else's business. */
  listen(port: number): Server {
    const server = createServer((_req, res) => {
      void this.registry.metrics().then((text) => {
        res.setHeader('Content-Type', this.registry.contentType);
        res.end(text);
      });
    });
    return server.listen(port, '127.0.0.1');
  }
}
