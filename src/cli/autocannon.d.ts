declare module "autocannon" {
  interface Request {
    method: string;
    path?: string;
    headers?: Record<string, string>;
    body?: string;
    setupRequest?: (request: Request) => Request;
  }
  export interface Result {
    requests: { average: number };
    latency: { p99: number };
    non2xx: number;
  }
  export default function autocannon(options: {
    url: string;
    connections: number;
    duration: number;
    method?: string;
    headers?: Record<string, string>;
    requests?: Request[];
  }): Promise<Result>;
}
