// Dexie tells other tabs through a BroadcastChannel, which would keep a test process from ending
Reflect.deleteProperty(globalThis, "BroadcastChannel");
