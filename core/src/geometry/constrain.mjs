export { default } from '@kninnug/constrainautor';
