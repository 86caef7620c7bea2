package hodeon.app.table;

import org.springframework.data.jpa.repository.JpaRepository;

interface TableColumnsRepository extends JpaRepository<TableColumns, TableColumns.Key> {}
