/// <reference no-default-lib="true" />
/// <reference lib="esnext" />
/// <reference lib="webworker" />
import { Serwist, type PrecacheEntry, type SerwistGlobalConfig, type SerwistPlugin } from "serwist";

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/**
 * The bundler hands a worker its list of files in the address's fragment. An answer out of a cache has an address of its
 * own, without it; one made here has none, so that the worker keeps the one it was asked for.
 */
const keepFragment: SerwistPlugin = {
  handlerWillRespond: async ({ request, response }) =>
    request.destination === "worker"
      ? new Response(response.body, {
          status: response.status,
          statusText: response.statusText,
          headers: response.headers,
        })
      : response,
};

new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: { cleanupOutdatedCaches: true, plugins: [keepFragment] },
  // a new version waits until every screen of the old one is closed: nobody is in a handover then
  skipWaiting: false,
  clientsClaim: true,
  // private data lie in the device's own store, never in a cache
  runtimeCaching: [],
}).addEventListeners();
