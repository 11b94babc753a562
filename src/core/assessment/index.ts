export { assess, type Aboard, type Assessment, type Stance } from './assess';
export { METRIC_DEFINITIONS, METRIC_KEYS, metricDefinition, type Metric, type MetricDefinition, type MetricKey, type Metrics, type Working, type WorkingInput } from './metric';
export { judge, mustNeed, type MustResult, type MustVerdict } from './musts';
