import '@fontsource/alegreya-sans/latin-400.css';
import '@fontsource/alegreya-sans/latin-500.css';
import '@fontsource/alegreya-sans/latin-ext-400.css';
import '@fontsource/barlow-semi-condensed/latin-400.css';
import '@fontsource/barlow-semi-condensed/latin-500.css';
import { createRoot } from 'react-dom/client';
import { App } from './app/App';
import './app/tokens.css';
import './app/places.css';
import './app/gather.css';
import './app/drawing.css';
import './app/holes.css';
import './app/way.css';

createRoot(document.getElementById('root')!).render(<App />);
