
/*!40101 SET @OLD_CHARACTER_SET_CLIENT=@@CHARACTER_SET_CLIENT */;
/*!40101 SET @OLD_CHARACTER_SET_RESULTS=@@CHARACTER_SET_RESULTS */;
/*!40101 SET @OLD_COLLATION_CONNECTION=@@COLLATION_CONNECTION */;
/*!40101 SET NAMES utf8mb4 */;
/*!40014 SET @OLD_UNIQUE_CHECKS=@@UNIQUE_CHECKS, UNIQUE_CHECKS=0 */;
/*!40014 SET @OLD_FOREIGN_KEY_CHECKS=@@FOREIGN_KEY_CHECKS, FOREIGN_KEY_CHECKS=0 */;
/*!40101 SET @OLD_SQL_MODE=@@SQL_MODE, SQL_MODE='NO_AUTO_VALUE_ON_ZERO' */;
/*!40111 SET @OLD_SQL_NOTES=@@SQL_NOTES, SQL_NOTES=0 */;
DROP TABLE IF EXISTS `absences`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `absences` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `user_id` bigint(20) unsigned NOT NULL,
  `from_at` datetime(3) NOT NULL,
  `to_at` datetime(3) NOT NULL,
  `made_by` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `absences_user_id_foreign` (`user_id`),
  KEY `absences_made_by_foreign` (`made_by`),
  KEY `absences_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `absences_made_by_foreign` FOREIGN KEY (`made_by`) REFERENCES `users` (`id`),
  CONSTRAINT `absences_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `absences_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `absences_ranges` CHECK (`to_at` > `from_at`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `absences` DISABLE KEYS */;
/*!40000 ALTER TABLE `absences` ENABLE KEYS */;
DROP TABLE IF EXISTS `audit_entries`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `audit_entries` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `at` datetime(3) NOT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `from_where` varchar(45) DEFAULT NULL,
  `row_table` varchar(40) NOT NULL,
  `row_id` bigint(20) unsigned NOT NULL,
  `what` enum('created','updated','deleted') NOT NULL,
  `before` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin DEFAULT NULL CHECK (json_valid(`before`)),
  `after` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin DEFAULT NULL CHECK (json_valid(`after`)),
  `job_id` bigint(20) unsigned DEFAULT NULL,
  `oven_id` bigint(20) unsigned DEFAULT NULL,
  `waited_s` int(10) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `trail_user_id_foreign` (`user_id`),
  KEY `trail_row_table_row_id_index` (`row_table`,`row_id`),
  KEY `trail_at_index` (`at`),
  KEY `trail_job_id_index` (`job_id`),
  KEY `trail_oven_id_index` (`oven_id`),
  CONSTRAINT `trail_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `audit_entries` DISABLE KEYS */;
/*!40000 ALTER TABLE `audit_entries` ENABLE KEYS */;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER audit_entries_no_update BEFORE update ON audit_entries FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The audit log is append-only.' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER audit_entries_no_delete BEFORE delete ON audit_entries FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The audit log is append-only.' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
DROP TABLE IF EXISTS `bags`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `bags` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `name` varchar(60) NOT NULL,
  `holds` varchar(200) NOT NULL,
  `count` int(10) unsigned NOT NULL,
  `counted_back` int(10) unsigned DEFAULT NULL,
  `counted_by` bigint(20) unsigned DEFAULT NULL,
  `counted_at` datetime(3) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `bags_part_id_foreign` (`part_id`),
  KEY `bags_counted_by_foreign` (`counted_by`),
  KEY `bags_user_id_foreign` (`user_id`),
  KEY `bags_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `bags_counted_by_foreign` FOREIGN KEY (`counted_by`) REFERENCES `users` (`id`),
  CONSTRAINT `bags_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `bags_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `bags_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `bags_ranges` CHECK (`count` between 1 and 10000)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `bags` DISABLE KEYS */;
/*!40000 ALTER TABLE `bags` ENABLE KEYS */;
DROP TABLE IF EXISTS `batch_events`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `batch_events` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) unsigned NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(20) NOT NULL,
  `from_station` varchar(20) NOT NULL DEFAULT 'intake',
  `to_station` varchar(20) NOT NULL DEFAULT 'intake',
  `note` varchar(500) DEFAULT NULL,
  `at` datetime(3) NOT NULL,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  `pieces` int(10) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `moves_job_id_foreign` (`job_id`),
  KEY `moves_user_id_foreign` (`user_id`),
  KEY `moves_at_index` (`at`),
  KEY `moves_lot_id_foreign` (`batch_id`),
  KEY `moves_lately` (`from_station`,`at`),
  CONSTRAINT `moves_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`),
  CONSTRAINT `moves_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `moves_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `moves_from_station_is_a_word` CHECK (`from_station` regexp '^[a-z]'),
  CONSTRAINT `moves_to_station_is_a_word` CHECK (`to_station` regexp '^[a-z]')
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `batch_events` DISABLE KEYS */;
/*!40000 ALTER TABLE `batch_events` ENABLE KEYS */;
DROP TABLE IF EXISTS `batches`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `batches` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `number` smallint(5) unsigned NOT NULL,
  `name` varchar(60) DEFAULT NULL,
  `count` int(10) unsigned NOT NULL,
  `station` varchar(20) NOT NULL,
  `status` enum('open','released','declined','scrapped','joined') NOT NULL DEFAULT 'open',
  `from_batch_id` bigint(20) unsigned DEFAULT NULL,
  `joined_into` bigint(20) unsigned DEFAULT NULL,
  `born_at` datetime(3) NOT NULL,
  `ended_at` datetime(3) DEFAULT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `lots_part_id_number_unique` (`part_id`,`number`),
  KEY `lots_from_lot_id_foreign` (`from_batch_id`),
  KEY `lots_joined_into_foreign` (`joined_into`),
  KEY `lots_user_id_foreign` (`user_id`),
  KEY `lots_fate_station_index` (`status`,`station`),
  CONSTRAINT `lots_from_lot_id_foreign` FOREIGN KEY (`from_batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `lots_joined_into_foreign` FOREIGN KEY (`joined_into`) REFERENCES `batches` (`id`),
  CONSTRAINT `lots_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `lots_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `lots_have_pieces` CHECK (`count` >= 1),
  CONSTRAINT `lots_station_is_a_word` CHECK (`station` regexp '^[a-z]')
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `batches` DISABLE KEYS */;
/*!40000 ALTER TABLE `batches` ENABLE KEYS */;
DROP TABLE IF EXISTS `benches`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `benches` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `station` varchar(20) NOT NULL,
  `name` varchar(60) NOT NULL,
  `retired_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `benches` DISABLE KEYS */;
INSERT INTO `benches` VALUES
(1,'intake','Intake table',NULL),
(2,'strip','Strip bench',NULL),
(3,'blast','Blast',NULL),
(4,'bake-out','Bake-out bench',NULL),
(5,'wash','Wash line',NULL),
(6,'mask-and-hang','Mask bench 1',NULL),
(7,'mask-and-hang','Mask bench 2',NULL),
(8,'coat','Booth',NULL),
(9,'cure','Oven side',NULL),
(10,'inspect','Inspection bench',NULL),
(11,'release','Packing bench',NULL);
/*!40000 ALTER TABLE `benches` ENABLE KEYS */;
DROP TABLE IF EXISTS `booth_runs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `booth_runs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `user_id` bigint(20) unsigned NOT NULL,
  `drill` varchar(30) NOT NULL,
  `film` blob NOT NULL,
  `strokes` int(10) unsigned NOT NULL DEFAULT 0,
  `seconds` double NOT NULL DEFAULT 0,
  `sprayed_g` double NOT NULL DEFAULT 0,
  `charge_index` double NOT NULL DEFAULT 0,
  `score` tinyint(3) unsigned DEFAULT NULL,
  `measured_mean_um` double DEFAULT NULL,
  `measured_least_um` double DEFAULT NULL,
  `measured_most_um` double DEFAULT NULL,
  `started_at` datetime(3) NOT NULL,
  `ended_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `booth_runs_user_id_drill_index` (`user_id`,`drill`),
  CONSTRAINT `booth_runs_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `booth_runs` DISABLE KEYS */;
/*!40000 ALTER TABLE `booth_runs` ENABLE KEYS */;
DROP TABLE IF EXISTS `cache`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `cache` (
  `key` varchar(190) NOT NULL,
  `value` mediumblob NOT NULL,
  `expiration` int(11) NOT NULL,
  PRIMARY KEY (`key`),
  KEY `cache_expiration_index` (`expiration`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `cache` DISABLE KEYS */;
/*!40000 ALTER TABLE `cache` ENABLE KEYS */;
DROP TABLE IF EXISTS `cache_locks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `cache_locks` (
  `key` varchar(190) NOT NULL,
  `owner` varchar(190) NOT NULL,
  `expiration` int(11) NOT NULL,
  PRIMARY KEY (`key`),
  KEY `cache_locks_expiration_index` (`expiration`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `cache_locks` DISABLE KEYS */;
/*!40000 ALTER TABLE `cache_locks` ENABLE KEYS */;
DROP TABLE IF EXISTS `calendar_feeds`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `calendar_feeds` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `kind` varchar(10) NOT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `oven_id` bigint(20) unsigned DEFAULT NULL,
  `mark` char(64) NOT NULL,
  `made_by` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `opened` int(10) unsigned NOT NULL DEFAULT 0,
  `opened_at` datetime(3) DEFAULT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `calendar_feeds_mark_unique` (`mark`),
  KEY `calendar_feeds_user_id_foreign` (`user_id`),
  KEY `calendar_feeds_oven_id_foreign` (`oven_id`),
  KEY `calendar_feeds_made_by_foreign` (`made_by`),
  KEY `calendar_feeds_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `calendar_feeds_made_by_foreign` FOREIGN KEY (`made_by`) REFERENCES `users` (`id`),
  CONSTRAINT `calendar_feeds_oven_id_foreign` FOREIGN KEY (`oven_id`) REFERENCES `ovens` (`id`),
  CONSTRAINT `calendar_feeds_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `calendar_feeds_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `calendar_feeds_ranges` CHECK (`kind` in ('person','oven','shop'))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `calendar_feeds` DISABLE KEYS */;
/*!40000 ALTER TABLE `calendar_feeds` ENABLE KEYS */;
DROP TABLE IF EXISTS `coats`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `coats` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `position` tinyint(3) unsigned NOT NULL,
  `powder_id` bigint(20) unsigned NOT NULL,
  `role` enum('primer','base','mid','clear') NOT NULL,
  `bake_to` varchar(10) NOT NULL DEFAULT 'full',
  `zone` varchar(40) DEFAULT NULL,
  `share` double NOT NULL DEFAULT 1,
  `superseded_at` datetime(3) DEFAULT NULL,
  `superseded_by` bigint(20) unsigned DEFAULT NULL,
  `stands` tinyint(4) GENERATED ALWAYS AS (if(`superseded_at` is null,1,NULL)) STORED,
  `rework_id` bigint(20) unsigned DEFAULT NULL,
  `mended_by` bigint(20) unsigned GENERATED ALWAYS AS (coalesce(`rework_id`,0)) STORED,
  `edge_m` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `coats_one_of_each` (`part_id`,`position`,`stands`,`mended_by`),
  KEY `coats_powder_id_foreign` (`powder_id`),
  KEY `coats_part_id_index` (`part_id`),
  KEY `coats_superseded_by_foreign` (`superseded_by`),
  KEY `coats_rework_id_foreign` (`rework_id`),
  CONSTRAINT `coats_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`) ON DELETE CASCADE,
  CONSTRAINT `coats_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`),
  CONSTRAINT `coats_rework_id_foreign` FOREIGN KEY (`rework_id`) REFERENCES `reworks` (`id`),
  CONSTRAINT `coats_superseded_by_foreign` FOREIGN KEY (`superseded_by`) REFERENCES `users` (`id`),
  CONSTRAINT `coats_share` CHECK (`share` > 0 and `share` <= 1)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `coats` DISABLE KEYS */;
/*!40000 ALTER TABLE `coats` ENABLE KEYS */;
DROP TABLE IF EXISTS `color_standards`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `color_standards` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `powder_id` bigint(20) unsigned NOT NULL,
  `name` varchar(80) NOT NULL,
  `place` varchar(60) DEFAULT NULL,
  `lab_l` double NOT NULL,
  `lab_a` double NOT NULL,
  `lab_b` double NOT NULL,
  `tolerance` double NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `masters_powder_id_foreign` (`powder_id`),
  KEY `masters_user_id_foreign` (`user_id`),
  KEY `masters_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `masters_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`),
  CONSTRAINT `masters_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `masters_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `masters_ranges` CHECK (`lab_l` between 0 and 150 and `tolerance` > 0)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `color_standards` DISABLE KEYS */;
/*!40000 ALTER TABLE `color_standards` ENABLE KEYS */;
DROP TABLE IF EXISTS `cure_schedule_rows`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `cure_schedule_rows` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `powder_id` bigint(20) unsigned NOT NULL,
  `pmt_c` double NOT NULL,
  `min_minutes` double NOT NULL,
  `max_minutes` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `powder_rows_powder_id_pmt_c_unique` (`powder_id`,`pmt_c`),
  CONSTRAINT `powder_rows_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`) ON DELETE CASCADE,
  CONSTRAINT `powder_rows_minutes` CHECK (`min_minutes` > 0 and (`max_minutes` is null or `max_minutes` >= `min_minutes`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `cure_schedule_rows` DISABLE KEYS */;
/*!40000 ALTER TABLE `cure_schedule_rows` ENABLE KEYS */;
DROP TABLE IF EXISTS `customers`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `customers` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(150) NOT NULL,
  `contact` varchar(200) DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `customers_name_unique` (`name`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `customers` DISABLE KEYS */;
/*!40000 ALTER TABLE `customers` ENABLE KEYS */;
DROP TABLE IF EXISTS `day_plans`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `day_plans` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `made_at` datetime(3) NOT NULL,
  `mark` char(64) NOT NULL,
  `trail_to` bigint(20) unsigned NOT NULL DEFAULT 0,
  `late_min` double NOT NULL,
  `bound_min` double NOT NULL,
  `change_min` double NOT NULL,
  `says` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin DEFAULT NULL CHECK (json_valid(`says`)),
  PRIMARY KEY (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `day_plans` DISABLE KEYS */;
/*!40000 ALTER TABLE `day_plans` ENABLE KEYS */;
DROP TABLE IF EXISTS `defects`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `defects` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `batch_id` bigint(20) unsigned NOT NULL,
  `coat_id` bigint(20) unsigned DEFAULT NULL,
  `kind` varchar(20) NOT NULL,
  `picture_id` bigint(20) unsigned DEFAULT NULL,
  `pin_id` bigint(20) unsigned DEFAULT NULL,
  `x` double DEFAULT NULL,
  `y` double DEFAULT NULL,
  `size_mm` double DEFAULT NULL,
  `pieces` int(10) unsigned NOT NULL DEFAULT 1,
  `to_metal` tinyint(1) DEFAULT NULL,
  `note` varchar(300) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `cause` varchar(20) DEFAULT NULL,
  `cause_by` bigint(20) unsigned DEFAULT NULL,
  `cause_at` datetime(3) DEFAULT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `faults_part_id_foreign` (`part_id`),
  KEY `faults_lot_id_foreign` (`batch_id`),
  KEY `faults_coat_id_foreign` (`coat_id`),
  KEY `faults_picture_id_foreign` (`picture_id`),
  KEY `faults_pin_id_foreign` (`pin_id`),
  KEY `faults_user_id_foreign` (`user_id`),
  KEY `faults_cause_by_foreign` (`cause_by`),
  KEY `faults_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `faults_kind_cause_index` (`kind`,`cause`),
  KEY `faults_at_index` (`at`),
  CONSTRAINT `faults_cause_by_foreign` FOREIGN KEY (`cause_by`) REFERENCES `users` (`id`),
  CONSTRAINT `faults_coat_id_foreign` FOREIGN KEY (`coat_id`) REFERENCES `coats` (`id`),
  CONSTRAINT `faults_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `faults_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `faults_picture_id_foreign` FOREIGN KEY (`picture_id`) REFERENCES `pictures` (`id`),
  CONSTRAINT `faults_pin_id_foreign` FOREIGN KEY (`pin_id`) REFERENCES `pins` (`id`),
  CONSTRAINT `faults_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `faults_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `faults_ranges` CHECK (`pieces` between 1 and 10000 and (`x` is null or `x` between 0 and 1) and (`y` is null or `y` between 0 and 1) and (`size_mm` is null or `size_mm` > 0))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `defects` DISABLE KEYS */;
/*!40000 ALTER TABLE `defects` ENABLE KEYS */;
DROP TABLE IF EXISTS `device_tokens`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `device_tokens` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `tokenable_type` varchar(60) NOT NULL,
  `tokenable_id` bigint(20) unsigned NOT NULL,
  `name` varchar(60) NOT NULL,
  `token` varchar(64) NOT NULL,
  `abilities` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`abilities`)),
  `last_used_at` datetime(3) DEFAULT NULL,
  `expires_at` datetime(3) DEFAULT NULL,
  `created_at` datetime(3) NOT NULL,
  `updated_at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `device_tokens_token_unique` (`token`),
  KEY `device_tokens_tokenable_id_foreign` (`tokenable_id`),
  CONSTRAINT `device_tokens_tokenable_id_foreign` FOREIGN KEY (`tokenable_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `device_tokens` DISABLE KEYS */;
/*!40000 ALTER TABLE `device_tokens` ENABLE KEYS */;
DROP TABLE IF EXISTS `gun_programs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `gun_programs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `gun_id` bigint(20) unsigned NOT NULL,
  `number` tinyint(3) unsigned NOT NULL,
  `name` varchar(60) NOT NULL,
  `kv` double NOT NULL,
  `ua` double DEFAULT NULL,
  `air` double NOT NULL DEFAULT 1,
  `powder_percent` double DEFAULT NULL,
  `atomising_air` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `gun_programs_gun_id_number_unique` (`gun_id`,`number`),
  CONSTRAINT `gun_programs_gun_id_foreign` FOREIGN KEY (`gun_id`) REFERENCES `guns` (`id`),
  CONSTRAINT `gun_programs_ranges` CHECK (`number` between 1 and 99 and `kv` between 0 and 200),
  CONSTRAINT `gun_programs_powder` CHECK (`powder_percent` is null or `powder_percent` between 0 and 100)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `gun_programs` DISABLE KEYS */;
/*!40000 ALTER TABLE `gun_programs` ENABLE KEYS */;
DROP TABLE IF EXISTS `guns`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `guns` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(60) NOT NULL,
  `kind` varchar(20) NOT NULL,
  `feed` varchar(20) NOT NULL,
  `tip_slot` tinyint(1) NOT NULL DEFAULT 0,
  `tip_round` tinyint(1) NOT NULL DEFAULT 0,
  `tip_deflector` tinyint(1) NOT NULL DEFAULT 0,
  `tip_cross` tinyint(1) NOT NULL DEFAULT 0,
  `has_atomising` tinyint(1) NOT NULL DEFAULT 0,
  `has_ring` tinyint(1) NOT NULL DEFAULT 0,
  `most_kv` double NOT NULL,
  `low_kv` double DEFAULT NULL,
  `most_ua` double DEFAULT NULL,
  `flow_g_min` double DEFAULT NULL,
  `pattern_mm` double DEFAULT NULL,
  `pattern_at_mm` double DEFAULT NULL,
  `retired_at` datetime(3) DEFAULT NULL,
  `retired_by` bigint(20) unsigned DEFAULT NULL,
  `positive` tinyint(1) NOT NULL DEFAULT 0,
  `air_unit` varchar(10) NOT NULL DEFAULT 'ratio',
  `air_usual` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `guns_name_unique` (`name`),
  KEY `guns_retired_by_foreign` (`retired_by`),
  CONSTRAINT `guns_retired_by_foreign` FOREIGN KEY (`retired_by`) REFERENCES `users` (`id`),
  CONSTRAINT `guns_ranges` CHECK (`most_kv` > 0 and `most_kv` <= 200 and (`low_kv` is null or `low_kv` between 0 and `most_kv`) and (`most_ua` is null or `most_ua` > 0) and (`flow_g_min` is null or `flow_g_min` > 0)),
  CONSTRAINT `guns_air` CHECK (`air_usual` is null or `air_usual` > 0)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `guns` DISABLE KEYS */;
/*!40000 ALTER TABLE `guns` ENABLE KEYS */;
DROP TABLE IF EXISTS `idempotency_tokens`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `idempotency_tokens` (
  `token` char(36) NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `leads_to` varchar(500) DEFAULT NULL,
  `created_at` timestamp NOT NULL DEFAULT current_timestamp(),
  PRIMARY KEY (`token`),
  KEY `spent_tokens_user_id_foreign` (`user_id`),
  KEY `spent_tokens_created_at_index` (`created_at`),
  CONSTRAINT `spent_tokens_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `idempotency_tokens` DISABLE KEYS */;
/*!40000 ALTER TABLE `idempotency_tokens` ENABLE KEYS */;
DROP TABLE IF EXISTS `idempotent_responses`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `idempotent_responses` (
  `token_id` bigint(20) unsigned NOT NULL,
  `key` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  `asked` char(64) NOT NULL,
  `status` smallint(5) unsigned DEFAULT NULL,
  `body` text DEFAULT NULL,
  `at` datetime(3) NOT NULL,
  PRIMARY KEY (`token_id`,`key`),
  KEY `door_answers_at_index` (`at`),
  CONSTRAINT `door_answers_token_id_foreign` FOREIGN KEY (`token_id`) REFERENCES `device_tokens` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `idempotent_responses` DISABLE KEYS */;
/*!40000 ALTER TABLE `idempotent_responses` ENABLE KEYS */;
DROP TABLE IF EXISTS `inspection_checks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `inspection_checks` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `batch_id` bigint(20) unsigned NOT NULL,
  `what` varchar(20) NOT NULL,
  `pin_id` bigint(20) unsigned DEFAULT NULL,
  `signed_by` varchar(120) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `looks_lot_id_foreign` (`batch_id`),
  KEY `looks_pin_id_foreign` (`pin_id`),
  KEY `looks_user_id_foreign` (`user_id`),
  KEY `looks_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `looks_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `looks_pin_id_foreign` FOREIGN KEY (`pin_id`) REFERENCES `pins` (`id`),
  CONSTRAINT `looks_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `looks_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `inspection_checks` DISABLE KEYS */;
/*!40000 ALTER TABLE `inspection_checks` ENABLE KEYS */;
DROP TABLE IF EXISTS `inspection_readings`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `inspection_readings` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `inspection_id` bigint(20) unsigned NOT NULL,
  `position` smallint(5) unsigned NOT NULL,
  `microns` double NOT NULL,
  `spot` varchar(40) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `inspection_readings_inspection_id_position_unique` (`inspection_id`,`position`),
  CONSTRAINT `inspection_readings_inspection_id_foreign` FOREIGN KEY (`inspection_id`) REFERENCES `inspections` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `inspection_readings` DISABLE KEYS */;
/*!40000 ALTER TABLE `inspection_readings` ENABLE KEYS */;
DROP TABLE IF EXISTS `inspections`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `inspections` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `coat_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(20) NOT NULL,
  `verdict` enum('pass','fail','not_judged') NOT NULL,
  `note` varchar(500) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `superseded_by` bigint(20) unsigned DEFAULT NULL,
  `rubs` smallint(5) unsigned DEFAULT NULL,
  `rating` tinyint(3) unsigned DEFAULT NULL,
  `solvent` varchar(60) DEFAULT NULL,
  `band_from_um` double DEFAULT NULL,
  `band_to_um` double DEFAULT NULL,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  `oven_log_id` bigint(20) unsigned DEFAULT NULL,
  `way` varchar(12) DEFAULT NULL,
  `pressure` varchar(10) DEFAULT NULL,
  `place` varchar(60) DEFAULT NULL,
  `source` varchar(10) DEFAULT NULL,
  `nominal_um` double DEFAULT NULL,
  `figure` double DEFAULT NULL,
  `limit_low` double DEFAULT NULL,
  `limit_high` double DEFAULT NULL,
  `lab_l` double DEFAULT NULL,
  `lab_a` double DEFAULT NULL,
  `lab_b` double DEFAULT NULL,
  `color_standard_id` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `inspections_user_id_foreign` (`user_id`),
  KEY `inspections_superseded_by_foreign` (`superseded_by`),
  KEY `inspections_coat_id_kind_superseded_by_index` (`coat_id`,`kind`,`superseded_by`),
  KEY `inspections_lot_id_foreign` (`batch_id`),
  KEY `inspections_oven_log_id_foreign` (`oven_log_id`),
  KEY `inspections_master_id_foreign` (`color_standard_id`),
  CONSTRAINT `inspections_coat_id_foreign` FOREIGN KEY (`coat_id`) REFERENCES `coats` (`id`),
  CONSTRAINT `inspections_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `inspections_master_id_foreign` FOREIGN KEY (`color_standard_id`) REFERENCES `color_standards` (`id`),
  CONSTRAINT `inspections_oven_log_id_foreign` FOREIGN KEY (`oven_log_id`) REFERENCES `oven_logs` (`id`),
  CONSTRAINT `inspections_superseded_by_foreign` FOREIGN KEY (`superseded_by`) REFERENCES `inspections` (`id`),
  CONSTRAINT `inspections_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `inspections` DISABLE KEYS */;
/*!40000 ALTER TABLE `inspections` ENABLE KEYS */;
DROP TABLE IF EXISTS `job_words`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `job_words` (
  `word_id` bigint(20) unsigned NOT NULL,
  `job_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`word_id`,`job_id`),
  KEY `job_words_job_id_index` (`job_id`),
  CONSTRAINT `job_words_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`) ON DELETE CASCADE,
  CONSTRAINT `job_words_word_id_foreign` FOREIGN KEY (`word_id`) REFERENCES `words` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `job_words` DISABLE KEYS */;
/*!40000 ALTER TABLE `job_words` ENABLE KEYS */;
DROP TABLE IF EXISTS `jobs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `jobs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `number` int(10) unsigned NOT NULL,
  `customer_id` bigint(20) unsigned NOT NULL,
  `title` varchar(150) NOT NULL,
  `notes` text DEFAULT NULL,
  `due_on` date DEFAULT NULL,
  `status` enum('open','released','declined') NOT NULL DEFAULT 'open',
  `created_by` bigint(20) unsigned NOT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `lives` enum('indoors','outdoors','coast','chemicals') NOT NULL DEFAULT 'indoors',
  PRIMARY KEY (`id`),
  UNIQUE KEY `jobs_number_unique` (`number`),
  KEY `jobs_customer_id_foreign` (`customer_id`),
  KEY `jobs_created_by_foreign` (`created_by`),
  KEY `jobs_status_due_on_index` (`status`,`due_on`),
  CONSTRAINT `jobs_created_by_foreign` FOREIGN KEY (`created_by`) REFERENCES `users` (`id`),
  CONSTRAINT `jobs_customer_id_foreign` FOREIGN KEY (`customer_id`) REFERENCES `customers` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `jobs` DISABLE KEYS */;
/*!40000 ALTER TABLE `jobs` ENABLE KEYS */;
DROP TABLE IF EXISTS `live_samples`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `live_samples` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_load_id` bigint(20) unsigned NOT NULL,
  `logger` varchar(60) NOT NULL,
  `channel` varchar(120) NOT NULL,
  `slot` int(10) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `celsius` double NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `live_samples_once` (`oven_load_id`,`logger`,`channel`,`slot`),
  KEY `live_samples_user_id_foreign` (`user_id`),
  CONSTRAINT `live_samples_oven_load_id_foreign` FOREIGN KEY (`oven_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `live_samples_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `live_samples` DISABLE KEYS */;
/*!40000 ALTER TABLE `live_samples` ENABLE KEYS */;
DROP TABLE IF EXISTS `logbook`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `logbook` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `kind` varchar(20) NOT NULL,
  `subject` varchar(80) DEFAULT NULL,
  `part_id` bigint(20) unsigned DEFAULT NULL,
  `note` varchar(300) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `event` varchar(20) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `logbook_part_id_foreign` (`part_id`),
  KEY `logbook_user_id_foreign` (`user_id`),
  KEY `logbook_kind_subject_at_index` (`kind`,`subject`,`at`),
  KEY `logbook_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `logbook_lot_id_foreign` (`batch_id`),
  KEY `logbook_lately` (`kind`,`withdrawn_at`,`at`),
  KEY `logbook_events` (`kind`,`event`,`subject`,`withdrawn_at`,`id`),
  KEY `logbook_subjects` (`kind`,`subject`,`id`),
  KEY `logbook_last` (`kind`,`id`),
  CONSTRAINT `logbook_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `logbook_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `logbook_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `logbook_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `logbook` DISABLE KEYS */;
/*!40000 ALTER TABLE `logbook` ENABLE KEYS */;
DROP TABLE IF EXISTS `logbook_figures`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `logbook_figures` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `logbook_id` bigint(20) unsigned NOT NULL,
  `name` varchar(30) NOT NULL,
  `value` double NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `logbook_figures_logbook_id_name_unique` (`logbook_id`,`name`),
  CONSTRAINT `logbook_figures_logbook_id_foreign` FOREIGN KEY (`logbook_id`) REFERENCES `logbook` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `logbook_figures` DISABLE KEYS */;
/*!40000 ALTER TABLE `logbook_figures` ENABLE KEYS */;
DROP TABLE IF EXISTS `mask_applications`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `mask_applications` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `pin_id` bigint(20) unsigned NOT NULL,
  `mask_id` bigint(20) unsigned DEFAULT NULL,
  `fitted` int(10) unsigned NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `removed` int(10) unsigned DEFAULT NULL,
  `removed_by` bigint(20) unsigned DEFAULT NULL,
  `removed_at` datetime(3) DEFAULT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `fittings_pin_id_foreign` (`pin_id`),
  KEY `fittings_mask_id_foreign` (`mask_id`),
  KEY `fittings_user_id_foreign` (`user_id`),
  KEY `fittings_removed_by_foreign` (`removed_by`),
  KEY `fittings_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `fittings_lot_id_foreign` (`batch_id`),
  CONSTRAINT `fittings_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `fittings_mask_id_foreign` FOREIGN KEY (`mask_id`) REFERENCES `masks` (`id`),
  CONSTRAINT `fittings_pin_id_foreign` FOREIGN KEY (`pin_id`) REFERENCES `pins` (`id`),
  CONSTRAINT `fittings_removed_by_foreign` FOREIGN KEY (`removed_by`) REFERENCES `users` (`id`),
  CONSTRAINT `fittings_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `fittings_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `mask_applications` DISABLE KEYS */;
/*!40000 ALTER TABLE `mask_applications` ENABLE KEYS */;
DROP TABLE IF EXISTS `masks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `masks` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(120) NOT NULL,
  `kind` varchar(20) NOT NULL,
  `material` varchar(20) NOT NULL,
  `from_mm` double NOT NULL,
  `to_mm` double NOT NULL,
  `rated_c` double DEFAULT NULL,
  `held` int(10) unsigned NOT NULL,
  `retired_at` datetime(3) DEFAULT NULL,
  `retired_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `masks_retired_by_foreign` (`retired_by`),
  CONSTRAINT `masks_retired_by_foreign` FOREIGN KEY (`retired_by`) REFERENCES `users` (`id`),
  CONSTRAINT `masks_sizes` CHECK (`from_mm` > 0 and `to_mm` >= `from_mm`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `masks` DISABLE KEYS */;
/*!40000 ALTER TABLE `masks` ENABLE KEYS */;
DROP TABLE IF EXISTS `migrations`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `migrations` (
  `id` int(10) unsigned NOT NULL AUTO_INCREMENT,
  `migration` varchar(255) NOT NULL,
  `batch` int(11) NOT NULL,
  PRIMARY KEY (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `migrations` DISABLE KEYS */;
INSERT INTO `migrations` VALUES
(1,'2026_11_01_000000_create_shop_tables',1),
(2,'2026_11_01_000100_create_shelf_tables',1),
(3,'2026_11_01_000200_create_job_tables',1),
(4,'2026_11_01_000300_create_bake_tables',1),
(5,'2026_11_02_000000_add_facts_and_routes',1),
(6,'2026_11_03_000000_create_find_tables',1),
(7,'2026_11_04_000000_add_part_shapes',1),
(8,'2026_11_04_000000_add_pictures_and_pins',1),
(9,'2026_11_05_000000_add_preparation_benches',1),
(10,'2026_11_06_000000_add_bake_logs',1),
(11,'2026_11_23_000000_name_stations_by_words',1),
(12,'2026_11_23_000100_facts_as_columns',1),
(13,'2026_11_23_000200_one_table_of_oven_loads',1),
(14,'2026_11_24_000000_lots_walk_the_route',1),
(15,'2026_11_25_000000_ways_and_zones',1),
(16,'2026_11_26_000000_lessons',1),
(17,'2026_11_27_000000_a_shop_leans_on_it',1),
(18,'2026_11_29_000000_the_coat_bench',1),
(19,'2026_11_30_000000_inspect_and_release',1),
(20,'2026_12_01_000000_the_plan_of_the_day',1),
(21,'2026_12_02_000000_more_than_one_machine',1),
(22,'2026_12_03_000000_add_expected_pull_to_oven_loads',1),
(23,'2026_12_04_000000_first_week_in_a_shop',1),
(24,'2026_12_05_000000_safety_and_gun_facts',1),
(25,'2026_12_06_000000_use_standard_names',1),
(26,'2026_12_07_000000_create_queued_jobs',1);
/*!40000 ALTER TABLE `migrations` ENABLE KEYS */;
DROP TABLE IF EXISTS `oven_events`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `oven_events` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_load_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(20) NOT NULL,
  `at` datetime(3) NOT NULL,
  `value` double DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `bake_events_user_id_foreign` (`user_id`),
  KEY `bake_events_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `bake_events_bake_id_at_index` (`oven_load_id`,`at`),
  CONSTRAINT `bake_events_bake_id_foreign` FOREIGN KEY (`oven_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `bake_events_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `bake_events_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `oven_events` DISABLE KEYS */;
/*!40000 ALTER TABLE `oven_events` ENABLE KEYS */;
DROP TABLE IF EXISTS `oven_load_items`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `oven_load_items` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_load_id` bigint(20) unsigned NOT NULL,
  `coat_id` bigint(20) unsigned DEFAULT NULL,
  `count` int(10) unsigned NOT NULL,
  `part_id` bigint(20) unsigned NOT NULL,
  `coat_key` bigint(20) unsigned GENERATED ALWAYS AS (coalesce(`coat_id`,0)) STORED,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  `out_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `oven_load_items_lot_once` (`oven_load_id`,`batch_id`,`coat_key`),
  KEY `bake_items_coat_id_foreign` (`coat_id`),
  KEY `oven_load_items_part_id_foreign` (`part_id`),
  KEY `oven_load_items_lot_id_foreign` (`batch_id`),
  CONSTRAINT `bake_items_bake_id_foreign` FOREIGN KEY (`oven_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `bake_items_coat_id_foreign` FOREIGN KEY (`coat_id`) REFERENCES `coats` (`id`),
  CONSTRAINT `oven_load_items_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `oven_load_items_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `bake_items_count` CHECK (`count` >= 1)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `oven_load_items` DISABLE KEYS */;
/*!40000 ALTER TABLE `oven_load_items` ENABLE KEYS */;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER oven_load_items_fit BEFORE INSERT ON oven_load_items FOR EACH ROW
BEGIN
    DECLARE pieces, hung INT UNSIGNED;
    IF NEW.batch_id IS NOT NULL AND EXISTS (SELECT 1 FROM oven_loads l
        WHERE l.id = NEW.oven_load_id AND l.status IN ('planned', 'running')) THEN
        SELECT count INTO pieces FROM batches WHERE id = NEW.batch_id FOR UPDATE;
        SELECT COALESCE(SUM(i.count), 0) INTO hung FROM oven_load_items i
            JOIN oven_loads l ON l.id = i.oven_load_id
            WHERE i.batch_id = NEW.batch_id AND i.out_at IS NULL AND l.status IN ('planned', 'running');
        IF hung + NEW.count > pieces THEN
            SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'More pieces hang in ovens than the batch has.';
        END IF;
    END IF;
END 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
DROP TABLE IF EXISTS `oven_loads`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `oven_loads` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_id` bigint(20) unsigned NOT NULL,
  `status` enum('planned','running','pulled','withdrawn') NOT NULL DEFAULT 'planned',
  `setpoint_c` double NOT NULL,
  `minutes` double NOT NULL,
  `door_open_s` double NOT NULL,
  `ambient_c` double NOT NULL,
  `start_c` double DEFAULT NULL,
  `way` varchar(20) NOT NULL,
  `margin` double NOT NULL,
  `overbake_limit` double NOT NULL,
  `shut_at` datetime(3) DEFAULT NULL,
  `pulled_at` datetime(3) DEFAULT NULL,
  `created_by` bigint(20) unsigned NOT NULL,
  `shut_by` bigint(20) unsigned DEFAULT NULL,
  `pulled_by` bigint(20) unsigned DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `kind` enum('cure','bake_out','dry_off','warm') NOT NULL DEFAULT 'cure',
  `target_c` double DEFAULT NULL,
  `hold_minutes` double DEFAULT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `snapshot` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin DEFAULT NULL CHECK (json_valid(`snapshot`)),
  `host_load_id` bigint(20) unsigned DEFAULT NULL,
  `timer_out_at` datetime(3) DEFAULT NULL,
  `running_in` bigint(20) unsigned GENERATED ALWAYS AS (if(`status` = 'running' and `host_load_id` is null,`oven_id`,NULL)) STORED,
  `expected_pull_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `oven_loads_one_running` (`running_in`),
  KEY `bakes_oven_id_foreign` (`oven_id`),
  KEY `bakes_created_by_foreign` (`created_by`),
  KEY `bakes_shut_by_foreign` (`shut_by`),
  KEY `bakes_pulled_by_foreign` (`pulled_by`),
  KEY `bakes_status_index` (`status`),
  KEY `oven_loads_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `oven_loads_kind_index` (`kind`),
  KEY `oven_loads_rides_with_foreign` (`host_load_id`),
  KEY `oven_loads_lately` (`kind`,`status`,`pulled_at`),
  CONSTRAINT `bakes_created_by_foreign` FOREIGN KEY (`created_by`) REFERENCES `users` (`id`),
  CONSTRAINT `bakes_oven_id_foreign` FOREIGN KEY (`oven_id`) REFERENCES `ovens` (`id`),
  CONSTRAINT `bakes_pulled_by_foreign` FOREIGN KEY (`pulled_by`) REFERENCES `users` (`id`),
  CONSTRAINT `bakes_shut_by_foreign` FOREIGN KEY (`shut_by`) REFERENCES `users` (`id`),
  CONSTRAINT `oven_loads_rides_with_foreign` FOREIGN KEY (`host_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `oven_loads_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `bakes_clock` CHECK (`pulled_at` is null or `shut_at` is not null and `pulled_at` >= `shut_at`),
  CONSTRAINT `bakes_running` CHECK (`status` not in ('running','pulled') or `shut_at` is not null),
  CONSTRAINT `bakes_minutes` CHECK (`minutes` > 0 and `minutes` <= 10080)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `oven_loads` DISABLE KEYS */;
/*!40000 ALTER TABLE `oven_loads` ENABLE KEYS */;
DROP TABLE IF EXISTS `oven_logs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `oven_logs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_load_id` bigint(20) unsigned NOT NULL,
  `name` varchar(120) NOT NULL,
  `columns` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`columns`)),
  `begins_min` double NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `bake_logs_bake_id_foreign` (`oven_load_id`),
  KEY `bake_logs_user_id_foreign` (`user_id`),
  KEY `bake_logs_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `bake_logs_bake_id_foreign` FOREIGN KEY (`oven_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `bake_logs_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `bake_logs_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `oven_logs` DISABLE KEYS */;
/*!40000 ALTER TABLE `oven_logs` ENABLE KEYS */;
DROP TABLE IF EXISTS `oven_results`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `oven_results` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_load_id` bigint(20) unsigned NOT NULL,
  `oven_load_item_id` bigint(20) unsigned NOT NULL,
  `coat_id` bigint(20) unsigned DEFAULT NULL,
  `section_id` bigint(20) unsigned DEFAULT NULL,
  `dose` double DEFAULT NULL,
  `overbake` double DEFAULT NULL,
  `window_minutes` double DEFAULT NULL,
  `reaches_minutes` double DEFAULT NULL,
  `row_served_c` double DEFAULT NULL,
  `peak_c` double NOT NULL,
  `metal_minutes` double NOT NULL,
  `fresh` tinyint(1) NOT NULL,
  `state` enum('raw','flowed','part_cured','cured','overbaked') DEFAULT NULL,
  `handle_minutes` double DEFAULT NULL,
  `part_id` bigint(20) unsigned NOT NULL,
  `reached` tinyint(1) DEFAULT NULL,
  `held_minutes` double DEFAULT NULL,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  `at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `bake_results_bake_id_foreign` (`oven_load_id`),
  KEY `bake_results_bake_item_id_foreign` (`oven_load_item_id`),
  KEY `bake_results_section_id_foreign` (`section_id`),
  KEY `bake_results_coat_id_section_id_index` (`coat_id`,`section_id`),
  KEY `oven_results_part_id_foreign` (`part_id`),
  KEY `oven_results_lot_id_foreign` (`batch_id`),
  KEY `oven_results_at_index` (`at`),
  CONSTRAINT `bake_results_bake_id_foreign` FOREIGN KEY (`oven_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `bake_results_bake_item_id_foreign` FOREIGN KEY (`oven_load_item_id`) REFERENCES `oven_load_items` (`id`),
  CONSTRAINT `bake_results_coat_id_foreign` FOREIGN KEY (`coat_id`) REFERENCES `coats` (`id`),
  CONSTRAINT `bake_results_section_id_foreign` FOREIGN KEY (`section_id`) REFERENCES `sections` (`id`),
  CONSTRAINT `oven_results_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `oven_results_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `oven_results` DISABLE KEYS */;
/*!40000 ALTER TABLE `oven_results` ENABLE KEYS */;
DROP TABLE IF EXISTS `ovens`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `ovens` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(120) NOT NULL,
  `heater_kw` double NOT NULL,
  `band_k` double NOT NULL,
  `air_kj_per_k` double NOT NULL,
  `shell_kj_per_k` double NOT NULL,
  `air_to_shell_w_per_k` double NOT NULL,
  `shell_loss_w_per_k` double NOT NULL,
  `vent_w_per_k` double NOT NULL,
  `door_w_per_k` double NOT NULL,
  `convection_w_per_m2k` double NOT NULL,
  `max_c` double NOT NULL,
  `retired_at` timestamp NULL DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `heat` varchar(20) DEFAULT NULL,
  `fan` varchar(20) DEFAULT NULL,
  `width_m` double DEFAULT NULL,
  `height_m` double DEFAULT NULL,
  `depth_m` double DEFAULT NULL,
  `minutes_to_200` double DEFAULT NULL,
  `heater_said_kw` double DEFAULT NULL,
  `retired_by` bigint(20) unsigned DEFAULT NULL,
  `calibration` text DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `ovens_name_unique` (`name`),
  KEY `ovens_retired_by_foreign` (`retired_by`),
  CONSTRAINT `ovens_retired_by_foreign` FOREIGN KEY (`retired_by`) REFERENCES `users` (`id`),
  CONSTRAINT `ovens_positive` CHECK (`heater_kw` >= 0 and `band_k` > 0 and `air_kj_per_k` > 0 and `shell_kj_per_k` > 0)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `ovens` DISABLE KEYS */;
/*!40000 ALTER TABLE `ovens` ENABLE KEYS */;
DROP TABLE IF EXISTS `panels`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `panels` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `powder_id` bigint(20) unsigned NOT NULL,
  `powder_lot_id` bigint(20) unsigned DEFAULT NULL,
  `signed_by` varchar(120) NOT NULL,
  `film_um` double DEFAULT NULL,
  `note` varchar(300) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `panels_powder_id_foreign` (`powder_id`),
  KEY `panels_powder_lot_id_foreign` (`powder_lot_id`),
  KEY `panels_user_id_foreign` (`user_id`),
  KEY `panels_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `panels_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`),
  CONSTRAINT `panels_powder_lot_id_foreign` FOREIGN KEY (`powder_lot_id`) REFERENCES `powder_lots` (`id`),
  CONSTRAINT `panels_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `panels_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `panels` DISABLE KEYS */;
/*!40000 ALTER TABLE `panels` ENABLE KEYS */;
DROP TABLE IF EXISTS `part_facets`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `part_facets` (
  `part_id` bigint(20) unsigned NOT NULL,
  `facets` mediumblob NOT NULL,
  PRIMARY KEY (`part_id`),
  CONSTRAINT `part_facets_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `part_facets` DISABLE KEYS */;
/*!40000 ALTER TABLE `part_facets` ENABLE KEYS */;
DROP TABLE IF EXISTS `part_policies`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `part_policies` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `question` varchar(30) NOT NULL,
  `way` varchar(30) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `part_ways_part_id_question_unique` (`part_id`,`question`),
  CONSTRAINT `part_ways_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `part_policies` DISABLE KEYS */;
/*!40000 ALTER TABLE `part_policies` ENABLE KEYS */;
DROP TABLE IF EXISTS `part_steps`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `part_steps` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `position` smallint(5) unsigned NOT NULL,
  `kind` varchar(30) NOT NULL,
  `minutes` double NOT NULL,
  `wait_minutes` double NOT NULL,
  `why` varchar(300) NOT NULL,
  `celsius` double DEFAULT NULL,
  `hold_minutes` double DEFAULT NULL,
  `coat` tinyint(3) unsigned DEFAULT NULL,
  `agent` varchar(30) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `part_steps_part_id_position_unique` (`part_id`,`position`),
  CONSTRAINT `part_steps_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `part_steps` DISABLE KEYS */;
/*!40000 ALTER TABLE `part_steps` ENABLE KEYS */;
DROP TABLE IF EXISTS `part_traits`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `part_traits` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `kind` enum('on_it','feature','mark','licensed') NOT NULL,
  `word` varchar(40) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `part_traits_part_id_kind_word_unique` (`part_id`,`kind`,`word`),
  CONSTRAINT `part_traits_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `part_traits` DISABLE KEYS */;
/*!40000 ALTER TABLE `part_traits` ENABLE KEYS */;
DROP TABLE IF EXISTS `parts`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `parts` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) unsigned NOT NULL,
  `name` varchar(120) NOT NULL,
  `count` int(10) unsigned NOT NULL,
  `metal` varchar(40) NOT NULL,
  `mass_kg` double DEFAULT NULL,
  `area_m2` double DEFAULT NULL,
  `wall_mm` double DEFAULT NULL,
  `view_factor` double NOT NULL DEFAULT 0.8,
  `withdrawn_at` timestamp NULL DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `shapes` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin DEFAULT NULL CHECK (json_valid(`shapes`)),
  `mesh` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin DEFAULT NULL CHECK (json_valid(`mesh`)),
  `made` varchar(30) DEFAULT NULL,
  `duty` varchar(30) DEFAULT NULL,
  `alloy` varchar(30) DEFAULT NULL,
  `paint_test` varchar(30) DEFAULT NULL,
  `licence` varchar(120) DEFAULT NULL,
  `acid_product` varchar(120) DEFAULT NULL,
  `temper_c` double DEFAULT NULL,
  `strength_mpa` double DEFAULT NULL,
  `box_long_mm` double DEFAULT NULL,
  `box_wide_mm` double DEFAULT NULL,
  `box_high_mm` double DEFAULT NULL,
  `blast_bar` double DEFAULT NULL,
  `blast_medium` varchar(40) DEFAULT NULL,
  `strip_way` varchar(30) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `outside_only` tinyint(1) NOT NULL DEFAULT 0,
  `joint` varchar(10) DEFAULT NULL,
  `joint_many` smallint(5) unsigned DEFAULT NULL,
  `joint_thick_mm` double DEFAULT NULL,
  `joint_long_mm` double DEFAULT NULL,
  `is_built` tinyint(4) GENERATED ALWAYS AS (if(`withdrawn_at` is null and (`shapes` is not null or `mesh` is not null),1,NULL)) STORED,
  PRIMARY KEY (`id`),
  KEY `parts_job_id_foreign` (`job_id`),
  KEY `parts_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `parts_is_built` (`is_built`,`name`),
  KEY `parts_like` (`name`),
  CONSTRAINT `parts_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`),
  CONSTRAINT `parts_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `parts_ranges` CHECK (`count` between 1 and 10000 and `mass_kg` > 0 and `mass_kg` <= 50000 and `area_m2` > 0 and `area_m2` <= 2000 and `view_factor` between 0 and 1)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `parts` DISABLE KEYS */;
/*!40000 ALTER TABLE `parts` ENABLE KEYS */;
DROP TABLE IF EXISTS `pictures`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `pictures` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `file` varchar(120) NOT NULL,
  `width` smallint(5) unsigned NOT NULL,
  `height` smallint(5) unsigned NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `shows` varchar(10) NOT NULL DEFAULT 'before',
  PRIMARY KEY (`id`),
  KEY `pictures_part_id_foreign` (`part_id`),
  KEY `pictures_user_id_foreign` (`user_id`),
  KEY `pictures_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `pictures_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `pictures_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `pictures_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `pictures` DISABLE KEYS */;
/*!40000 ALTER TABLE `pictures` ENABLE KEYS */;
DROP TABLE IF EXISTS `pins`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `pins` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `picture_id` bigint(20) unsigned DEFAULT NULL,
  `number` smallint(5) unsigned NOT NULL,
  `kind` varchar(20) NOT NULL,
  `x` double NOT NULL,
  `y` double NOT NULL,
  `size_mm` double DEFAULT NULL,
  `places` smallint(5) unsigned NOT NULL DEFAULT 1,
  `is_stud` tinyint(1) NOT NULL DEFAULT 0,
  `must_stay_bare` tinyint(1) NOT NULL DEFAULT 0,
  `note` varchar(300) DEFAULT NULL,
  `bare_signed_by` varchar(120) DEFAULT NULL,
  `bare_signed_at` datetime(3) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `answer` varchar(300) DEFAULT NULL,
  `answered_by` varchar(120) DEFAULT NULL,
  `answered_at` datetime(3) DEFAULT NULL,
  `depth_mm` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `pins_part_id_number_unique` (`part_id`,`number`),
  KEY `pins_picture_id_foreign` (`picture_id`),
  KEY `pins_user_id_foreign` (`user_id`),
  KEY `pins_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `pins_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `pins_picture_id_foreign` FOREIGN KEY (`picture_id`) REFERENCES `pictures` (`id`),
  CONSTRAINT `pins_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `pins_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `pins_ranges` CHECK (`x` between 0 and 1 and `y` between 0 and 1 and `places` between 1 and 500 and (`size_mm` is null or `size_mm` > 0))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `pins` DISABLE KEYS */;
/*!40000 ALTER TABLE `pins` ENABLE KEYS */;
DROP TABLE IF EXISTS `planned_steps`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `planned_steps` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `day_plan_id` bigint(20) unsigned NOT NULL,
  `batch_id` bigint(20) unsigned NOT NULL,
  `load` smallint(5) unsigned NOT NULL DEFAULT 1,
  `loads` smallint(5) unsigned NOT NULL DEFAULT 1,
  `step` varchar(40) NOT NULL,
  `name` varchar(200) NOT NULL,
  `station` varchar(20) NOT NULL,
  `bench_id` bigint(20) unsigned DEFAULT NULL,
  `oven_id` bigint(20) unsigned DEFAULT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `colour` varchar(120) DEFAULT NULL,
  `family` varchar(60) DEFAULT NULL,
  `from_at` datetime(3) NOT NULL,
  `to_at` datetime(3) NOT NULL,
  `hands_min` double NOT NULL,
  `begun` tinyint(1) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  KEY `planned_steps_lot_id_foreign` (`batch_id`),
  KEY `planned_steps_bench_id_foreign` (`bench_id`),
  KEY `planned_steps_oven_id_foreign` (`oven_id`),
  KEY `planned_steps_user_id_foreign` (`user_id`),
  KEY `planned_steps_day_plan_id_from_at_index` (`day_plan_id`,`from_at`),
  CONSTRAINT `planned_steps_bench_id_foreign` FOREIGN KEY (`bench_id`) REFERENCES `benches` (`id`),
  CONSTRAINT `planned_steps_day_plan_id_foreign` FOREIGN KEY (`day_plan_id`) REFERENCES `day_plans` (`id`) ON DELETE CASCADE,
  CONSTRAINT `planned_steps_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `planned_steps_oven_id_foreign` FOREIGN KEY (`oven_id`) REFERENCES `ovens` (`id`),
  CONSTRAINT `planned_steps_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `planned_steps` DISABLE KEYS */;
/*!40000 ALTER TABLE `planned_steps` ENABLE KEYS */;
DROP TABLE IF EXISTS `powder_lots`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `powder_lots` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `powder_id` bigint(20) unsigned NOT NULL,
  `number` varchar(40) NOT NULL,
  `kg` double NOT NULL,
  `received_on` date NOT NULL,
  `opened_on` date DEFAULT NULL,
  `best_before_on` date DEFAULT NULL,
  `place` varchar(60) DEFAULT NULL,
  `counted_kg` double DEFAULT NULL,
  `counted_at` datetime(3) DEFAULT NULL,
  `finished_at` datetime(3) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `powder_lots_user_id_foreign` (`user_id`),
  KEY `powder_lots_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `powder_lots_powder_id_finished_at_index` (`powder_id`,`finished_at`),
  CONSTRAINT `powder_lots_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`),
  CONSTRAINT `powder_lots_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `powder_lots_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `powder_lots_ranges` CHECK (`kg` > 0 and (`counted_kg` is null or `counted_kg` >= 0))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `powder_lots` DISABLE KEYS */;
/*!40000 ALTER TABLE `powder_lots` ENABLE KEYS */;
DROP TABLE IF EXISTS `powder_pictures`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `powder_pictures` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `powder_id` bigint(20) unsigned NOT NULL,
  `shows` varchar(10) NOT NULL,
  `file` varchar(120) NOT NULL,
  `width` smallint(5) unsigned NOT NULL,
  `height` smallint(5) unsigned NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `powder_pictures_powder_id_foreign` (`powder_id`),
  KEY `powder_pictures_user_id_foreign` (`user_id`),
  KEY `powder_pictures_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `powder_pictures_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`),
  CONSTRAINT `powder_pictures_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `powder_pictures_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `powder_pictures` DISABLE KEYS */;
/*!40000 ALTER TABLE `powder_pictures` ENABLE KEYS */;
DROP TABLE IF EXISTS `powders`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `powders` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(120) NOT NULL,
  `maker` varchar(120) DEFAULT NULL,
  `lot` varchar(60) DEFAULT NULL,
  `chemistry` enum('polyester','polyurethane','epoxy','hybrid','acrylic') NOT NULL,
  `colour` char(7) NOT NULL DEFAULT '#777777',
  `finish` varchar(60) DEFAULT NULL,
  `specific_gravity` double DEFAULT NULL,
  `film_min_um` double NOT NULL,
  `film_max_um` double NOT NULL,
  `window_c` double DEFAULT NULL,
  `flow_c` double DEFAULT NULL,
  `flow_minutes` double DEFAULT NULL,
  `solvent_proof` tinyint(1) NOT NULL DEFAULT 1,
  `retired_at` timestamp NULL DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `effect` varchar(20) NOT NULL DEFAULT 'plain',
  `zinc_rich` tinyint(1) NOT NULL DEFAULT 0,
  `gas_tolerant` tinyint(1) NOT NULL DEFAULT 0,
  `conductive` tinyint(1) NOT NULL DEFAULT 0,
  `before_clear` varchar(10) NOT NULL DEFAULT 'silent',
  `retired_by` bigint(20) unsigned DEFAULT NULL,
  `clock_way` varchar(10) DEFAULT NULL,
  `door_c` double DEFAULT NULL,
  `door_minutes` double DEFAULT NULL,
  `clear_need` varchar(12) NOT NULL DEFAULT 'silent',
  `bonded` tinyint(1) DEFAULT NULL,
  `outdoors` tinyint(1) DEFAULT NULL,
  `supplier_days` smallint(5) unsigned DEFAULT NULL,
  `softens_c` double DEFAULT NULL,
  `price_kg` double DEFAULT NULL,
  `box_kg` double DEFAULT NULL,
  `least_order_kg` double DEFAULT NULL,
  `transfer` double DEFAULT NULL,
  `lel_g_m3` double DEFAULT NULL,
  `shrink` double DEFAULT NULL,
  `ohm_m` double DEFAULT NULL,
  `charge_uc_g` double DEFAULT NULL,
  `keep_below_c` double DEFAULT NULL,
  `gloss_low` double DEFAULT NULL,
  `gloss_high` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `powders_name_unique` (`name`),
  KEY `powders_retired_by_foreign` (`retired_by`),
  CONSTRAINT `powders_retired_by_foreign` FOREIGN KEY (`retired_by`) REFERENCES `users` (`id`),
  CONSTRAINT `powders_film` CHECK (`film_min_um` > 0 and `film_max_um` >= `film_min_um`),
  CONSTRAINT `powders_sg` CHECK (`specific_gravity` between 0.5 and 10)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `powders` DISABLE KEYS */;
/*!40000 ALTER TABLE `powders` ENABLE KEYS */;
DROP TABLE IF EXISTS `practice_runs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `practice_runs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `user_id` bigint(20) unsigned NOT NULL,
  `exercise` varchar(40) NOT NULL,
  `moves` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`moves`)),
  `score` tinyint(3) unsigned DEFAULT NULL,
  `started_at` datetime(3) NOT NULL,
  `ended_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `practice_runs_user_id_foreign` (`user_id`),
  CONSTRAINT `practice_runs_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `practice_runs` DISABLE KEYS */;
/*!40000 ALTER TABLE `practice_runs` ENABLE KEYS */;
DROP TABLE IF EXISTS `queued_jobs`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `queued_jobs` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `queue` varchar(255) NOT NULL,
  `payload` longtext NOT NULL,
  `attempts` tinyint(3) unsigned NOT NULL,
  `reserved_at` int(10) unsigned DEFAULT NULL,
  `available_at` int(10) unsigned NOT NULL,
  `created_at` int(10) unsigned NOT NULL,
  PRIMARY KEY (`id`),
  KEY `queued_jobs_queue_index` (`queue`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `queued_jobs` DISABLE KEYS */;
/*!40000 ALTER TABLE `queued_jobs` ENABLE KEYS */;
DROP TABLE IF EXISTS `quote_lines`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `quote_lines` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `quote_id` bigint(20) unsigned NOT NULL,
  `part_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(12) NOT NULL,
  `minutes` double NOT NULL,
  `planned_min` double NOT NULL,
  `hands` double NOT NULL,
  `material` double NOT NULL,
  `money` double NOT NULL,
  `rests` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`rests`)),
  `actual_min` double DEFAULT NULL,
  `actual_by` bigint(20) unsigned DEFAULT NULL,
  `actual_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `quote_lines_quote_id_foreign` (`quote_id`),
  KEY `quote_lines_part_id_foreign` (`part_id`),
  KEY `quote_lines_actual_by_foreign` (`actual_by`),
  CONSTRAINT `quote_lines_actual_by_foreign` FOREIGN KEY (`actual_by`) REFERENCES `users` (`id`),
  CONSTRAINT `quote_lines_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `quote_lines_quote_id_foreign` FOREIGN KEY (`quote_id`) REFERENCES `quotes` (`id`),
  CONSTRAINT `quote_lines_ranges` CHECK (`minutes` >= 0 and `money` >= 0 and (`actual_min` is null or `actual_min` > 0))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `quote_lines` DISABLE KEYS */;
/*!40000 ALTER TABLE `quote_lines` ENABLE KEYS */;
DROP TABLE IF EXISTS `quote_policies`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `quote_policies` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `policy` varchar(20) NOT NULL,
  `way` varchar(8) NOT NULL,
  `figure` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `quote_policies_policy_unique` (`policy`),
  CONSTRAINT `quote_policies_ranges` CHECK (`way` in ('off','refuse','at') and (`figure` is null or `figure` >= 0))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `quote_policies` DISABLE KEYS */;
/*!40000 ALTER TABLE `quote_policies` ENABLE KEYS */;
DROP TABLE IF EXISTS `quotes`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `quotes` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `number` int(10) unsigned NOT NULL,
  `job_id` bigint(20) unsigned NOT NULL,
  `state` varchar(10) NOT NULL DEFAULT 'open',
  `total` double NOT NULL,
  `set_price` double DEFAULT NULL,
  `deposit` double NOT NULL,
  `currency` varchar(8) NOT NULL,
  `valid_until` date NOT NULL,
  `says` longtext CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL CHECK (json_valid(`says`)),
  `made_by` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `answered_by` varchar(120) DEFAULT NULL,
  `answered_at` datetime(3) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `quotes_number_unique` (`number`),
  KEY `quotes_job_id_foreign` (`job_id`),
  KEY `quotes_made_by_foreign` (`made_by`),
  CONSTRAINT `quotes_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`),
  CONSTRAINT `quotes_made_by_foreign` FOREIGN KEY (`made_by`) REFERENCES `users` (`id`),
  CONSTRAINT `quotes_ranges` CHECK (`state` in ('open','accepted','declined') and `total` >= 0)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `quotes` DISABLE KEYS */;
/*!40000 ALTER TABLE `quotes` ENABLE KEYS */;
DROP TABLE IF EXISTS `racks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `racks` (
  `part_id` bigint(20) unsigned NOT NULL,
  `across` smallint(5) unsigned NOT NULL,
  `rows` smallint(5) unsigned NOT NULL,
  `hooks` smallint(5) unsigned NOT NULL,
  `pitch_mm` double NOT NULL,
  `drop_mm` double NOT NULL,
  `along_mm` double NOT NULL,
  `up_mm` double NOT NULL,
  `deep_mm` double NOT NULL,
  `jigged` tinyint(1) NOT NULL,
  `drain` varchar(120) DEFAULT NULL,
  PRIMARY KEY (`part_id`),
  CONSTRAINT `racks_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `racks` DISABLE KEYS */;
/*!40000 ALTER TABLE `racks` ENABLE KEYS */;
DROP TABLE IF EXISTS `readings`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `readings` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `oven_load_id` bigint(20) unsigned NOT NULL,
  `oven_load_item_id` bigint(20) unsigned NOT NULL,
  `section_id` bigint(20) unsigned DEFAULT NULL,
  `at` datetime(3) NOT NULL,
  `shown_c` double NOT NULL,
  `set_emissivity` double NOT NULL,
  `celsius` double NOT NULL,
  `source` enum('typed','stand_in','device') NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  `door_open` tinyint(1) NOT NULL DEFAULT 0,
  `bare` tinyint(1) NOT NULL DEFAULT 0,
  `display_c` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `readings_bake_item_id_foreign` (`oven_load_item_id`),
  KEY `readings_section_id_foreign` (`section_id`),
  KEY `readings_user_id_foreign` (`user_id`),
  KEY `readings_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `readings_bake_id_at_index` (`oven_load_id`,`at`),
  CONSTRAINT `readings_bake_id_foreign` FOREIGN KEY (`oven_load_id`) REFERENCES `oven_loads` (`id`),
  CONSTRAINT `readings_bake_item_id_foreign` FOREIGN KEY (`oven_load_item_id`) REFERENCES `oven_load_items` (`id`),
  CONSTRAINT `readings_section_id_foreign` FOREIGN KEY (`section_id`) REFERENCES `sections` (`id`),
  CONSTRAINT `readings_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `readings_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `readings_range` CHECK (`celsius` between -40 and 700 and `set_emissivity` > 0 and `set_emissivity` <= 1)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `readings` DISABLE KEYS */;
/*!40000 ALTER TABLE `readings` ENABLE KEYS */;
DROP TABLE IF EXISTS `record_links`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `record_links` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) unsigned NOT NULL,
  `mark` char(64) NOT NULL,
  `unit_system` varchar(10) NOT NULL DEFAULT 'metric',
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `opened` int(10) unsigned NOT NULL DEFAULT 0,
  `opened_at` datetime(3) DEFAULT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `record_links_mark_unique` (`mark`),
  KEY `record_links_job_id_foreign` (`job_id`),
  KEY `record_links_user_id_foreign` (`user_id`),
  KEY `record_links_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `record_links_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`),
  CONSTRAINT `record_links_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `record_links_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `record_links` DISABLE KEYS */;
/*!40000 ALTER TABLE `record_links` ENABLE KEYS */;
DROP TABLE IF EXISTS `releases`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `releases` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) unsigned NOT NULL,
  `batch_id` bigint(20) unsigned NOT NULL,
  `document` longtext NOT NULL,
  `digest` char(64) NOT NULL,
  `taken_by` varchar(120) DEFAULT NULL,
  `signature` text DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `releases_lot_id_unique` (`batch_id`),
  KEY `releases_job_id_foreign` (`job_id`),
  KEY `releases_user_id_foreign` (`user_id`),
  CONSTRAINT `releases_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`),
  CONSTRAINT `releases_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `releases_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `releases` DISABLE KEYS */;
/*!40000 ALTER TABLE `releases` ENABLE KEYS */;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER releases_no_update BEFORE UPDATE ON releases FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was released is only added to.' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER releases_no_delete BEFORE DELETE ON releases FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was released is only added to.' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
DROP TABLE IF EXISTS `rework_steps`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `rework_steps` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `rework_id` bigint(20) unsigned NOT NULL,
  `position` smallint(5) unsigned NOT NULL,
  `kind` varchar(30) NOT NULL,
  `minutes` double NOT NULL,
  `wait_minutes` double NOT NULL,
  `why` varchar(300) NOT NULL,
  `celsius` double DEFAULT NULL,
  `hold_minutes` double DEFAULT NULL,
  `coat` tinyint(3) unsigned DEFAULT NULL,
  `agent` varchar(30) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `rework_steps_rework_id_position_unique` (`rework_id`,`position`),
  CONSTRAINT `rework_steps_rework_id_foreign` FOREIGN KEY (`rework_id`) REFERENCES `reworks` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `rework_steps` DISABLE KEYS */;
/*!40000 ALTER TABLE `rework_steps` ENABLE KEYS */;
DROP TABLE IF EXISTS `reworks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `reworks` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `batch_id` bigint(20) unsigned NOT NULL,
  `defect_id` bigint(20) unsigned NOT NULL,
  `way` varchar(10) NOT NULL,
  `minutes` double NOT NULL,
  `wait_minutes` double NOT NULL,
  `powder_kg` double NOT NULL,
  `money` double NOT NULL,
  `film_after_um` double DEFAULT NULL,
  `agreed_by` varchar(120) DEFAULT NULL,
  `note` varchar(300) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `closed_at` datetime(3) DEFAULT NULL,
  `closed_by` bigint(20) unsigned DEFAULT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `reworks_part_id_foreign` (`part_id`),
  KEY `reworks_lot_id_foreign` (`batch_id`),
  KEY `reworks_fault_id_foreign` (`defect_id`),
  KEY `reworks_user_id_foreign` (`user_id`),
  KEY `reworks_closed_by_foreign` (`closed_by`),
  KEY `reworks_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `reworks_closed_by_foreign` FOREIGN KEY (`closed_by`) REFERENCES `users` (`id`),
  CONSTRAINT `reworks_fault_id_foreign` FOREIGN KEY (`defect_id`) REFERENCES `defects` (`id`),
  CONSTRAINT `reworks_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `reworks_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `reworks_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `reworks_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `reworks_ranges` CHECK (`minutes` >= 0 and `wait_minutes` >= 0 and `powder_kg` >= 0)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `reworks` DISABLE KEYS */;
/*!40000 ALTER TABLE `reworks` ENABLE KEYS */;
DROP TABLE IF EXISTS `scheduling_preferences`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `scheduling_preferences` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `batch_id` bigint(20) unsigned NOT NULL,
  `kind` varchar(12) NOT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `not_before` date DEFAULT NULL,
  `made_by` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `wishes_lot_id_foreign` (`batch_id`),
  KEY `wishes_user_id_foreign` (`user_id`),
  KEY `wishes_made_by_foreign` (`made_by`),
  KEY `wishes_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `wishes_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `wishes_made_by_foreign` FOREIGN KEY (`made_by`) REFERENCES `users` (`id`),
  CONSTRAINT `wishes_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `wishes_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`),
  CONSTRAINT `wishes_ranges` CHECK (`kind` in ('first','not_before','by'))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `scheduling_preferences` DISABLE KEYS */;
/*!40000 ALTER TABLE `scheduling_preferences` ENABLE KEYS */;
DROP TABLE IF EXISTS `sections`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sections` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `name` varchar(80) NOT NULL,
  `mass_kg` double NOT NULL,
  `area_m2` double NOT NULL,
  `superseded_at` datetime(3) DEFAULT NULL,
  `superseded_by` bigint(20) unsigned DEFAULT NULL,
  `stands` tinyint(4) GENERATED ALWAYS AS (if(`superseded_at` is null,1,NULL)) STORED,
  PRIMARY KEY (`id`),
  UNIQUE KEY `sections_one_that_stands` (`part_id`,`name`,`stands`),
  KEY `sections_part_id_index` (`part_id`),
  KEY `sections_superseded_by_foreign` (`superseded_by`),
  CONSTRAINT `sections_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`) ON DELETE CASCADE,
  CONSTRAINT `sections_superseded_by_foreign` FOREIGN KEY (`superseded_by`) REFERENCES `users` (`id`),
  CONSTRAINT `sections_ranges` CHECK (`mass_kg` > 0 and `area_m2` > 0)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `sections` DISABLE KEYS */;
/*!40000 ALTER TABLE `sections` ENABLE KEYS */;
DROP TABLE IF EXISTS `sessions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sessions` (
  `id` varchar(255) NOT NULL,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `ip_address` varchar(45) DEFAULT NULL,
  `user_agent` text DEFAULT NULL,
  `payload` longtext NOT NULL,
  `last_activity` int(11) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `sessions_user_id_index` (`user_id`),
  KEY `sessions_last_activity_index` (`last_activity`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `sessions` DISABLE KEYS */;
/*!40000 ALTER TABLE `sessions` ENABLE KEYS */;
DROP TABLE IF EXISTS `shop_policies`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop_policies` (
  `question` varchar(30) NOT NULL,
  `way` varchar(30) NOT NULL,
  PRIMARY KEY (`question`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `shop_policies` DISABLE KEYS */;
/*!40000 ALTER TABLE `shop_policies` ENABLE KEYS */;
DROP TABLE IF EXISTS `shops`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shops` (
  `id` tinyint(3) unsigned NOT NULL,
  `name` varchar(100) NOT NULL,
  `timezone` varchar(64) NOT NULL,
  `currency` varchar(8) NOT NULL,
  `kwh_price` decimal(8,4) NOT NULL,
  `ambient_c` decimal(5,2) NOT NULL DEFAULT 20.00,
  `clock_way` varchar(20) NOT NULL DEFAULT 'window',
  `margin` decimal(4,3) NOT NULL DEFAULT 0.100,
  `overbake_limit` decimal(4,3) NOT NULL DEFAULT 0.850,
  `clock_ahead_s` int(11) NOT NULL DEFAULT 0,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `humidity_pct` decimal(5,2) NOT NULL DEFAULT 50.00,
  `rail_kg` double DEFAULT NULL,
  `hook_kg` double DEFAULT NULL,
  `compressor_m3_min` double DEFAULT NULL,
  `nozzle_mm` double DEFAULT NULL,
  `compressor_bar` double DEFAULT NULL,
  `air_hose_m` double DEFAULT NULL,
  `air_hose_mm` double DEFAULT NULL,
  `blast_hose_m` double DEFAULT NULL,
  `blast_hose_mm` double DEFAULT NULL,
  `nozzle_new_mm` double DEFAULT NULL,
  `booth_wide_mm` double DEFAULT NULL,
  `booth_high_mm` double DEFAULT NULL,
  `booth_deep_mm` double DEFAULT NULL,
  `price_hour` double DEFAULT NULL,
  `price_powder_kg` double DEFAULT NULL,
  `price_media_kg` double DEFAULT NULL,
  `by_the_sea` tinyint(1) NOT NULL DEFAULT 0,
  `prefer` varchar(10) NOT NULL DEFAULT 'widest',
  `tablet_minutes` smallint(5) unsigned NOT NULL DEFAULT 10,
  `set_up_at` datetime(3) DEFAULT NULL,
  `booth_air_m3_min` double DEFAULT NULL,
  `booth_face_m_s` double DEFAULT NULL,
  `powder_reserve` double NOT NULL DEFAULT 0.1,
  `booth_reclaims` tinyint(1) NOT NULL DEFAULT 0,
  `ovens_overnight` tinyint(1) NOT NULL DEFAULT 0,
  `racks` smallint(5) unsigned DEFAULT NULL,
  `reads_door_open` tinyint(1) DEFAULT NULL,
  `light_metal_cabinet` tinyint(1) DEFAULT NULL,
  `gun_interlocked` tinyint(1) DEFAULT NULL,
  `co_alarm` tinyint(1) DEFAULT NULL,
  `breathing_air_tested_on` date DEFAULT NULL,
  `compressor_duty` double DEFAULT NULL,
  PRIMARY KEY (`id`),
  CONSTRAINT `shops_one` CHECK (`id` = 1),
  CONSTRAINT `shops_margin` CHECK (`margin` between 0 and 2),
  CONSTRAINT `shops_limit` CHECK (`overbake_limit` > 0),
  CONSTRAINT `shops_duty` CHECK (`compressor_duty` is null or `compressor_duty` > 0 and `compressor_duty` <= 1)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `shops` DISABLE KEYS */;
/*!40000 ALTER TABLE `shops` ENABLE KEYS */;
DROP TABLE IF EXISTS `signatures`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `signatures` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `rule` varchar(60) NOT NULL,
  `wording` varchar(500) NOT NULL,
  `signed_by` varchar(120) NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `signatures_user_id_foreign` (`user_id`),
  KEY `signatures_withdrawn_by_foreign` (`withdrawn_by`),
  KEY `signatures_part_id_rule_withdrawn_at_index` (`part_id`,`rule`,`withdrawn_at`),
  CONSTRAINT `signatures_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `signatures_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `signatures_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `signatures` DISABLE KEYS */;
/*!40000 ALTER TABLE `signatures` ENABLE KEYS */;
DROP TABLE IF EXISTS `spraying_checks`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `spraying_checks` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `spraying_id` bigint(20) unsigned NOT NULL,
  `what` varchar(20) NOT NULL,
  `pin_id` bigint(20) unsigned DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `spraying_checks_spraying_id_foreign` (`spraying_id`),
  KEY `spraying_checks_pin_id_foreign` (`pin_id`),
  KEY `spraying_checks_user_id_foreign` (`user_id`),
  CONSTRAINT `spraying_checks_pin_id_foreign` FOREIGN KEY (`pin_id`) REFERENCES `pins` (`id`),
  CONSTRAINT `spraying_checks_spraying_id_foreign` FOREIGN KEY (`spraying_id`) REFERENCES `sprayings` (`id`),
  CONSTRAINT `spraying_checks_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `spraying_checks` DISABLE KEYS */;
/*!40000 ALTER TABLE `spraying_checks` ENABLE KEYS */;
DROP TABLE IF EXISTS `spraying_zones`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `spraying_zones` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `spraying_id` bigint(20) unsigned NOT NULL,
  `place` tinyint(3) unsigned NOT NULL,
  `zone` varchar(20) NOT NULL,
  `name` varchar(80) NOT NULL,
  `tip` varchar(12) NOT NULL,
  `kv` double NOT NULL,
  `ua` double NOT NULL,
  `air` double NOT NULL,
  `gun_distance_mm` double NOT NULL,
  `film_um` double NOT NULL,
  `passes` tinyint(3) unsigned NOT NULL,
  `ticked_at` datetime(3) DEFAULT NULL,
  `ticked_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `spraying_zones_spraying_id_zone_unique` (`spraying_id`,`zone`),
  KEY `spraying_zones_ticked_by_foreign` (`ticked_by`),
  CONSTRAINT `spraying_zones_spraying_id_foreign` FOREIGN KEY (`spraying_id`) REFERENCES `sprayings` (`id`),
  CONSTRAINT `spraying_zones_ticked_by_foreign` FOREIGN KEY (`ticked_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `spraying_zones` DISABLE KEYS */;
/*!40000 ALTER TABLE `spraying_zones` ENABLE KEYS */;
DROP TABLE IF EXISTS `sprayings`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `sprayings` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `batch_id` bigint(20) unsigned NOT NULL,
  `coat_id` bigint(20) unsigned NOT NULL,
  `powder_id` bigint(20) unsigned NOT NULL,
  `powder_lot_id` bigint(20) unsigned DEFAULT NULL,
  `gun_id` bigint(20) unsigned DEFAULT NULL,
  `program` tinyint(3) unsigned DEFAULT NULL,
  `pieces` int(10) unsigned NOT NULL,
  `openness` varchar(10) NOT NULL,
  `weighed_g` double DEFAULT NULL,
  `back_g` double DEFAULT NULL,
  `planned_g` double NOT NULL,
  `planned_um` double NOT NULL,
  `planned_transfer` double NOT NULL,
  `planned_minutes` double NOT NULL,
  `area_m2` double NOT NULL,
  `charge_index` double NOT NULL,
  `flow_g_min` double NOT NULL,
  `gun_speed_mm_s` double NOT NULL,
  `overlap` double NOT NULL,
  `minutes` double DEFAULT NULL,
  `part_c` double DEFAULT NULL,
  `raw_um` double DEFAULT NULL,
  `ohm` double DEFAULT NULL,
  `humidity_pct` double DEFAULT NULL,
  `note` varchar(300) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `done_at` datetime(3) DEFAULT NULL,
  `done_by` bigint(20) unsigned DEFAULT NULL,
  `blown_off_at` datetime(3) DEFAULT NULL,
  `blown_off_by` bigint(20) unsigned DEFAULT NULL,
  `blown_off_why` varchar(300) DEFAULT NULL,
  `open_on` bigint(20) unsigned GENERATED ALWAYS AS (if(`done_at` is null and `blown_off_at` is null,`batch_id`,NULL)) STORED,
  `raw_read_um` double DEFAULT NULL,
  `raw_kind` varchar(12) DEFAULT NULL,
  `raw_sd_um` double DEFAULT NULL,
  `respirator` tinyint(1) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  UNIQUE KEY `sprayings_one_open` (`open_on`),
  KEY `sprayings_part_id_foreign` (`part_id`),
  KEY `sprayings_lot_id_foreign` (`batch_id`),
  KEY `sprayings_coat_id_foreign` (`coat_id`),
  KEY `sprayings_powder_lot_id_foreign` (`powder_lot_id`),
  KEY `sprayings_gun_id_foreign` (`gun_id`),
  KEY `sprayings_user_id_foreign` (`user_id`),
  KEY `sprayings_done_by_foreign` (`done_by`),
  KEY `sprayings_blown_off_by_foreign` (`blown_off_by`),
  KEY `sprayings_powder_id_done_at_index` (`powder_id`,`done_at`),
  CONSTRAINT `sprayings_blown_off_by_foreign` FOREIGN KEY (`blown_off_by`) REFERENCES `users` (`id`),
  CONSTRAINT `sprayings_coat_id_foreign` FOREIGN KEY (`coat_id`) REFERENCES `coats` (`id`),
  CONSTRAINT `sprayings_done_by_foreign` FOREIGN KEY (`done_by`) REFERENCES `users` (`id`),
  CONSTRAINT `sprayings_gun_id_foreign` FOREIGN KEY (`gun_id`) REFERENCES `guns` (`id`),
  CONSTRAINT `sprayings_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `sprayings_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `sprayings_powder_id_foreign` FOREIGN KEY (`powder_id`) REFERENCES `powders` (`id`),
  CONSTRAINT `sprayings_powder_lot_id_foreign` FOREIGN KEY (`powder_lot_id`) REFERENCES `powder_lots` (`id`),
  CONSTRAINT `sprayings_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `sprayings_ranges` CHECK (`pieces` between 1 and 10000 and (`weighed_g` is null or `weighed_g` > 0) and (`back_g` is null or `back_g` >= 0 and `back_g` <= `weighed_g`))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `sprayings` DISABLE KEYS */;
/*!40000 ALTER TABLE `sprayings` ENABLE KEYS */;
DROP TABLE IF EXISTS `step_completions`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `step_completions` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `batch_id` bigint(20) unsigned NOT NULL,
  `step` varchar(60) NOT NULL,
  `outcome` enum('done','not_needed','put_off','open') NOT NULL,
  `source` enum('logged','hand','told') NOT NULL,
  `who` varchar(120) DEFAULT NULL,
  `done_at` datetime(3) DEFAULT NULL,
  `why` varchar(300) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `step_marks_user_id_foreign` (`user_id`),
  KEY `step_marks_lot_id_step_index` (`batch_id`,`step`),
  CONSTRAINT `step_marks_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `step_marks_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `step_completions` DISABLE KEYS */;
/*!40000 ALTER TABLE `step_completions` ENABLE KEYS */;
DROP TABLE IF EXISTS `step_timers`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `step_timers` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `part_id` bigint(20) unsigned NOT NULL,
  `step` varchar(30) NOT NULL,
  `label` varchar(120) NOT NULL,
  `started_at` datetime(3) NOT NULL,
  `due_at` datetime(3) NOT NULL,
  `late_at` datetime(3) DEFAULT NULL,
  `done_at` datetime(3) DEFAULT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `done_by` bigint(20) unsigned DEFAULT NULL,
  `batch_id` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `clocks_part_id_foreign` (`part_id`),
  KEY `clocks_user_id_foreign` (`user_id`),
  KEY `clocks_done_by_foreign` (`done_by`),
  KEY `clocks_done_at_due_at_index` (`done_at`,`due_at`),
  KEY `clocks_lot_id_foreign` (`batch_id`),
  CONSTRAINT `clocks_done_by_foreign` FOREIGN KEY (`done_by`) REFERENCES `users` (`id`),
  CONSTRAINT `clocks_lot_id_foreign` FOREIGN KEY (`batch_id`) REFERENCES `batches` (`id`),
  CONSTRAINT `clocks_part_id_foreign` FOREIGN KEY (`part_id`) REFERENCES `parts` (`id`),
  CONSTRAINT `clocks_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `step_timers` DISABLE KEYS */;
/*!40000 ALTER TABLE `step_timers` ENABLE KEYS */;
DROP TABLE IF EXISTS `stored_files`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `stored_files` (
  `path` varchar(190) NOT NULL,
  `bytes` longblob NOT NULL,
  `at` datetime(3) NOT NULL,
  PRIMARY KEY (`path`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `stored_files` DISABLE KEYS */;
/*!40000 ALTER TABLE `stored_files` ENABLE KEYS */;
DROP TABLE IF EXISTS `supplements`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `supplements` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) unsigned NOT NULL,
  `wording` varchar(1000) NOT NULL,
  `digest` char(64) NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `supplements_job_id_foreign` (`job_id`),
  KEY `supplements_user_id_foreign` (`user_id`),
  CONSTRAINT `supplements_job_id_foreign` FOREIGN KEY (`job_id`) REFERENCES `jobs` (`id`),
  CONSTRAINT `supplements_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `supplements` DISABLE KEYS */;
/*!40000 ALTER TABLE `supplements` ENABLE KEYS */;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER supplements_no_update BEFORE UPDATE ON supplements FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was released is only added to.' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
/*!50003 SET @saved_cs_client      = @@character_set_client */ ;
/*!50003 SET @saved_cs_results     = @@character_set_results */ ;
/*!50003 SET @saved_col_connection = @@collation_connection */ ;
/*!50003 SET character_set_client  = utf8mb4 */ ;
/*!50003 SET character_set_results = utf8mb4 */ ;
/*!50003 SET collation_connection  = utf8mb4_unicode_ci */ ;
/*!50003 SET @saved_sql_mode       = @@sql_mode */ ;
/*!50003 SET sql_mode              = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION' */ ;
DELIMITER ;;
/*!50003 CREATE*/ /*!50003 TRIGGER supplements_no_delete BEFORE DELETE ON supplements FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was released is only added to.' 
*/;;
DELIMITER ;
/*!50003 SET sql_mode              = @saved_sql_mode */ ;
/*!50003 SET character_set_client  = @saved_cs_client */ ;
/*!50003 SET character_set_results = @saved_cs_results */ ;
/*!50003 SET collation_connection  = @saved_col_connection */ ;
DROP TABLE IF EXISTS `tablets`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `tablets` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(60) NOT NULL,
  `mark` char(64) NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  `at` datetime(3) NOT NULL,
  `withdrawn_at` datetime(3) DEFAULT NULL,
  `withdrawn_by` bigint(20) unsigned DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `tablets_mark_unique` (`mark`),
  KEY `tablets_user_id_foreign` (`user_id`),
  KEY `tablets_withdrawn_by_foreign` (`withdrawn_by`),
  CONSTRAINT `tablets_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `tablets_withdrawn_by_foreign` FOREIGN KEY (`withdrawn_by`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `tablets` DISABLE KEYS */;
/*!40000 ALTER TABLE `tablets` ENABLE KEYS */;
DROP TABLE IF EXISTS `user_stations`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `user_stations` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `user_id` bigint(20) unsigned NOT NULL,
  `station` varchar(20) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `user_stations_user_id_station_unique` (`user_id`,`station`),
  CONSTRAINT `user_stations_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `user_stations` DISABLE KEYS */;
/*!40000 ALTER TABLE `user_stations` ENABLE KEYS */;
DROP TABLE IF EXISTS `users`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `users` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `name` varchar(100) NOT NULL,
  `email` varchar(190) NOT NULL,
  `password` varchar(255) NOT NULL,
  `role` enum('owner','finisher','viewer') NOT NULL,
  `unit_system` enum('metric','us') NOT NULL DEFAULT 'metric',
  `theme` enum('system','light','dark') NOT NULL DEFAULT 'system',
  `active` tinyint(1) NOT NULL DEFAULT 1,
  `remember_token` varchar(100) DEFAULT NULL,
  `created_at` timestamp NULL DEFAULT NULL,
  `updated_at` timestamp NULL DEFAULT NULL,
  `pin` varchar(255) DEFAULT NULL,
  `code` varchar(255) DEFAULT NULL,
  `code_until` datetime(3) DEFAULT NULL,
  `clock` varchar(2) NOT NULL DEFAULT '24',
  PRIMARY KEY (`id`),
  UNIQUE KEY `users_email_unique` (`email`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `users` DISABLE KEYS */;
/*!40000 ALTER TABLE `users` ENABLE KEYS */;
DROP TABLE IF EXISTS `weights`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `weights` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `scale` varchar(60) NOT NULL,
  `grams` double NOT NULL,
  `at` datetime(3) NOT NULL,
  `user_id` bigint(20) unsigned NOT NULL,
  PRIMARY KEY (`id`),
  KEY `weights_user_id_foreign` (`user_id`),
  KEY `weights_at_index` (`at`),
  CONSTRAINT `weights_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `weights` DISABLE KEYS */;
/*!40000 ALTER TABLE `weights` ENABLE KEYS */;
DROP TABLE IF EXISTS `words`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `words` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `word` varchar(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `words_word_unique` (`word`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `words` DISABLE KEYS */;
/*!40000 ALTER TABLE `words` ENABLE KEYS */;
DROP TABLE IF EXISTS `work_hours`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `work_hours` (
  `id` bigint(20) unsigned NOT NULL AUTO_INCREMENT,
  `user_id` bigint(20) unsigned DEFAULT NULL,
  `weekday` tinyint(3) unsigned NOT NULL,
  `from_min` smallint(5) unsigned NOT NULL,
  `to_min` smallint(5) unsigned NOT NULL,
  PRIMARY KEY (`id`),
  KEY `work_hours_user_id_foreign` (`user_id`),
  CONSTRAINT `work_hours_user_id_foreign` FOREIGN KEY (`user_id`) REFERENCES `users` (`id`),
  CONSTRAINT `work_hours_ranges` CHECK (`weekday` between 1 and 7 and `from_min` >= 0 and `to_min` > `from_min` and `to_min` <= 1440)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

/*!40000 ALTER TABLE `work_hours` DISABLE KEYS */;
INSERT INTO `work_hours` VALUES
(1,NULL,1,450,720),
(2,NULL,1,780,1020),
(3,NULL,2,450,720),
(4,NULL,2,780,1020),
(5,NULL,3,450,720),
(6,NULL,3,780,1020),
(7,NULL,4,450,720),
(8,NULL,4,780,1020),
(9,NULL,5,450,720),
(10,NULL,5,780,1020);
/*!40000 ALTER TABLE `work_hours` ENABLE KEYS */;

/*!40101 SET SQL_MODE=@OLD_SQL_MODE */;
/*!40014 SET FOREIGN_KEY_CHECKS=@OLD_FOREIGN_KEY_CHECKS */;
/*!40014 SET UNIQUE_CHECKS=@OLD_UNIQUE_CHECKS */;
/*!40101 SET CHARACTER_SET_CLIENT=@OLD_CHARACTER_SET_CLIENT */;
/*!40101 SET CHARACTER_SET_RESULTS=@OLD_CHARACTER_SET_RESULTS */;
/*!40101 SET COLLATION_CONNECTION=@OLD_COLLATION_CONNECTION */;
/*!40111 SET SQL_NOTES=@OLD_SQL_NOTES */;

