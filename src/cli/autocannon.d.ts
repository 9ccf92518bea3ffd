declare module "autocannon" {
  interface Request {
    method: string;
    path?: string;
    headers?: Record<string, string>;
    body?: string;
    setupRequest?: (request: Request) => Request;
  }
  interface Result {
    requests: { average: number };
    latency: { p99: number };
    non2xx: number;
  }
  export default function autocannon(options: {
    url: string;
    connections: number;
    duration: number;
    requests: Request[];
  }): Promise<Result>;
}
