'use client';

export { Form } from 'react-aria-components/Form';
