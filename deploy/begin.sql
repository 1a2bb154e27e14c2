-- Said once to each database as its root, over its own socket: who comes in. No position counts it.
set sql_log_bin = 0;
create user if not exists 'owner'@'%' identified by '@OWNER_PASSWORD@';
grant all on *.* to 'owner'@'%' with grant option;
create user if not exists 'replica'@'%' identified by '@REPLICA_PASSWORD@';
grant replication slave on *.* to 'replica'@'%';
create user if not exists 'bouclier'@'%' identified by '@DB_PASSWORD@';
grant all on bouclier.* to 'bouclier'@'%';
grant slave monitor on *.* to 'bouclier'@'%';
