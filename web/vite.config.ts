import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// While working on the pages: `npx vite` beside a running application.
export default defineConfig({
  plugins: [react()],
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:8372' } },
});
