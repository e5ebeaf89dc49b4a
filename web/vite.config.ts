import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

// While working on the pages: `npx vite` beside a running application.
export default defineConfig({
  plugins: [react()],
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:8372' } },
  test: {
    // what needs a browser says so in its first line: to make one for every file takes longer than all tests
    environment: 'node',
    environmentOptions: { happyDOM: { url: 'http://127.0.0.1:8372/' } },
    include: ['src/**/*.test.ts', 'src/**/*.test.tsx'],
    setupFiles: ['src/test/server.ts'],
    restoreMocks: true,
  },
});
